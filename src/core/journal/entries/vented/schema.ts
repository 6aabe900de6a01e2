import { z } from 'zod';
import { exampleStamp, exampleSubject, lots, stamp } from '../base';

/** Lots were opened for a moment and closed at once; long: left open until the hiss ended. */
export const Vented = z.strictObject({
  ...stamp,
  kind: z.literal('vented'),
  lots,
  long: z.boolean(),
});
export type Vented = z.infer<typeof Vented>;

export const example: Vented = { ...exampleStamp, kind: 'vented', lots: [exampleSubject], long: false };
