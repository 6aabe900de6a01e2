import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** Bottles were chilled, or brought back to the counter. */
export const BottlesMoved = z.strictObject({
  ...stamp,
  kind: z.literal('bottles-moved'),
  version: z.literal(1),
  bottleIds: z.array(subject).min(1).max(60),
  place: z.enum(['counter', 'fridge']),
});
export type BottlesMoved = z.infer<typeof BottlesMoved>;

export const example: BottlesMoved = {
  ...exampleStamp,
  kind: 'bottles-moved',
  version: 1,
  bottleIds: [`${exampleSubject}-1`],
  place: 'fridge',
};
