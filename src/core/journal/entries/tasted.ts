import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A batch was tasted: sweet and sour from 1 (hardly) to 5 (very). */
export const Tasted = z.strictObject({
  ...stamp,
  kind: z.literal('tasted'),
  version: z.literal(1),
  batchId: subject,
  sweet: z.number().int().min(1).max(5),
  sour: z.number().int().min(1).max(5),
});
export type Tasted = z.infer<typeof Tasted>;

export const example: Tasted = {
  ...exampleStamp,
  kind: 'tasted',
  version: 1,
  batchId: exampleSubject,
  sweet: 4,
  sour: 2,
};
