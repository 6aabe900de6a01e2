import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A bottle was opened: how it opened and how it tasted. */
export const Opened = z.strictObject({
  ...stamp,
  kind: z.literal('opened'),
  version: z.literal(1),
  bottleId: subject,
  opening: z.enum(['still', 'gentle', 'lively', 'gusher']),
  sweet: z.number().int().min(1).max(5),
  sour: z.number().int().min(1).max(5),
  note: z.string().max(500),
});
export type Opened = z.infer<typeof Opened>;

export const example: Opened = {
  ...exampleStamp,
  kind: 'opened',
  version: 1,
  bottleId: `${exampleSubject}-1`,
  opening: 'lively',
  sweet: 3,
  sour: 3,
  note: '',
};
