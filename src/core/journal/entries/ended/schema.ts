import { z } from 'zod';
import { ending, exampleStamp, exampleSubject, lots, stamp } from '../base';

/** Lots came to an end: drunk, given, dried, discarded. */
export const Ended = z.strictObject({
  ...stamp,
  kind: z.literal('ended'),
  lots,
  how: ending,
  why: z.string().max(500),
});
export type Ended = z.infer<typeof Ended>;

export const example: Ended = {
  ...exampleStamp,
  kind: 'ended',
  lots: [exampleSubject],
  how: 'discarded',
  why: 'Mould on the fruit',
};
