import { z } from 'zod';
import { exampleStamp, exampleSubject, note, stamp, subject } from '../base';

/** A note, on a lot or on the kitchen. */
export const Noted = z.strictObject({
  ...stamp,
  kind: z.literal('noted'),
  lotId: subject.nullable(),
  text: note.min(1),
});
export type Noted = z.infer<typeof Noted>;

export const example: Noted = {
  ...exampleStamp,
  kind: 'noted',
  lotId: exampleSubject,
  text: 'Smells of pears.',
};
