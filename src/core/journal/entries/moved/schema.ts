import { z } from 'zod';
import { exampleStamp, exampleSubject, lots, place, stamp } from '../base';

/** Lots were carried to another place: chilled, rested, woken. */
export const Moved = z.strictObject({
  ...stamp,
  kind: z.literal('moved'),
  lots,
  place,
});
export type Moved = z.infer<typeof Moved>;

export const example: Moved = { ...exampleStamp, kind: 'moved', lots: [exampleSubject], place: 'fridge' };
