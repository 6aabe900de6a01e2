import { z } from 'zod';
import { exampleStamp, exampleSubject, lots, stamp } from '../base';

/** Lots were stirred or shaken. */
export const Stirred = z.strictObject({
  ...stamp,
  kind: z.literal('stirred'),
  lots,
});
export type Stirred = z.infer<typeof Stirred>;

export const example: Stirred = { ...exampleStamp, kind: 'stirred', lots: [exampleSubject] };
