import { z } from 'zod';
import { exampleStamp, exampleSubject, id, stamp } from '../base';
import { t } from '../../../language/t';

/** An entry was corrected: the fields of `patch` stand instead of its own. Id, kind and version cannot be changed. */
export const Amended = z.strictObject({
  ...stamp,
  kind: z.literal('amended'),
  targetId: id,
  patch: z
    .record(z.string().max(40), z.json())
    .refine((patch) => Object.keys(patch).length > 0, t`Change something.`)
    .refine((patch) => !['id', 'kind', 'version'].some((key) => key in patch), t`These cannot be changed.`),
});
export type Amended = z.infer<typeof Amended>;

export const example: Amended = {
  ...exampleStamp,
  kind: 'amended',
  targetId: exampleSubject,
  patch: { note: 'It was brown sugar.' },
};
