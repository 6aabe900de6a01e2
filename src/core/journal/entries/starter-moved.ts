import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A starter was put to rest in the fridge, or woken on the counter. */
export const StarterMoved = z.strictObject({
  ...stamp,
  kind: z.literal('starter-moved'),
  version: z.literal(1),
  starterId: subject,
  place: z.enum(['counter', 'fridge']),
});
export type StarterMoved = z.infer<typeof StarterMoved>;

export const example: StarterMoved = {
  ...exampleStamp,
  kind: 'starter-moved',
  version: 1,
  starterId: exampleSubject,
  place: 'fridge',
};
