import { z } from 'zod';
import { exampleStamp, exampleSubject, millilitres, opening, score, stamp, subject } from '../base';

/** A bottle was opened: how it opened, what was lost, and a first taste. */
export const Opened = z.strictObject({
  ...stamp,
  kind: z.literal('opened'),
  lotId: subject,
  how: opening,
  lostMl: millilitres.optional(),
  sweet: score.optional(),
  sour: score.optional(),
});
export type Opened = z.infer<typeof Opened>;

export const example: Opened = {
  ...exampleStamp,
  kind: 'opened',
  lotId: exampleSubject,
  how: 'lively',
  sweet: 3,
  sour: 3,
};
