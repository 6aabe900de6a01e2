import { z } from 'zod';
import { exampleStamp, grams, millilitres, name, stamp } from './base';

/** A ginger bug was begun; its id is the starter's id. */
export const StarterBegun = z.strictObject({
  ...stamp,
  kind: z.literal('starter-begun'),
  version: z.literal(1),
  name,
  culture: z.literal('ginger-bug'),
  jarMl: z.number().min(50).max(20_000),
  waterMl: millilitres,
  gingerGrams: grams,
  sugarGrams: grams,
});
export type StarterBegun = z.infer<typeof StarterBegun>;

export const example: StarterBegun = {
  ...exampleStamp,
  kind: 'starter-begun',
  version: 1,
  name: 'Nib',
  culture: 'ginger-bug',
  jarMl: 700,
  waterMl: 400,
  gingerGrams: 20,
  sugarGrams: 20,
};
