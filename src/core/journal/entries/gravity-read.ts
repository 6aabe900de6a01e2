import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A hydrometer was read in a first ferment. */
export const GravityRead = z.strictObject({
  ...stamp,
  kind: z.literal('gravity-read'),
  version: z.literal(1),
  batchId: subject,
  gravity: z.number().min(0.98).max(1.2),
});
export type GravityRead = z.infer<typeof GravityRead>;

export const example: GravityRead = {
  ...exampleStamp,
  kind: 'gravity-read',
  version: 1,
  batchId: exampleSubject,
  gravity: 1.034,
};
