import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from '../base';

/** A step of a brew day was done, or skipped. */
export const StepTaken = z.strictObject({
  ...stamp,
  kind: z.literal('step-taken'),
  lotId: subject,
  step: z.string().min(1).max(80),
  done: z.boolean(),
});
export type StepTaken = z.infer<typeof StepTaken>;

export const example: StepTaken = {
  ...exampleStamp,
  kind: 'step-taken',
  lotId: exampleSubject,
  step: 'strain',
  done: true,
};
