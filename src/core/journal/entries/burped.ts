import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A bottle was opened for a moment and closed at once. */
export const Burped = z.strictObject({
  ...stamp,
  kind: z.literal('burped'),
  version: z.literal(1),
  bottleId: subject,
});
export type Burped = z.infer<typeof Burped>;

export const example: Burped = {
  ...exampleStamp,
  kind: 'burped',
  version: 1,
  bottleId: `${exampleSubject}-1`,
};
