import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A bottle was squeezed, or its cap pressed. */
export const Squeezed = z.strictObject({
  ...stamp,
  kind: z.literal('squeezed'),
  version: z.literal(1),
  bottleId: subject,
  feel: z.enum(['soft', 'gives', 'firm', 'rock']),
});
export type Squeezed = z.infer<typeof Squeezed>;

export const example: Squeezed = {
  ...exampleStamp,
  kind: 'squeezed',
  version: 1,
  bottleId: `${exampleSubject}-1`,
  feel: 'gives',
};
