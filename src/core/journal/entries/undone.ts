import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp } from './base';
import { idShape } from '../instant-id';

/** An entry was taken back; taking this one back restores it. */
export const Undone = z.strictObject({
  ...stamp,
  kind: z.literal('undone'),
  version: z.literal(1),
  targetId: z.string().regex(idShape),
});
export type Undone = z.infer<typeof Undone>;

export const example: Undone = { ...exampleStamp, kind: 'undone', version: 1, targetId: exampleSubject };
