import { z } from 'zod';
import { exampleStamp, exampleSubject, grams, millilitres, stamp, subject } from './base';

/** A starter was fed; water tops it up. */
export const Fed = z.strictObject({
  ...stamp,
  kind: z.literal('fed'),
  version: z.literal(1),
  starterId: subject,
  waterMl: millilitres,
  gingerGrams: grams,
  sugarGrams: grams,
});
export type Fed = z.infer<typeof Fed>;

export const example: Fed = {
  ...exampleStamp,
  kind: 'fed',
  version: 1,
  starterId: exampleSubject,
  waterMl: 60,
  gingerGrams: 12,
  sugarGrams: 12,
};
