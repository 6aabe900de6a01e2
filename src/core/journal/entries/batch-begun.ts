import { z } from 'zod';
import { exampleStamp, exampleSubject, grams, millilitres, name, stamp, subject } from './base';

/** A soda was mixed; its id is the batch's id. */
export const BatchBegun = z.strictObject({
  ...stamp,
  kind: z.literal('batch-begun'),
  version: z.literal(1),
  name,
  starterId: subject,
  waterMl: millilitres.min(50),
  gingerGrams: grams,
  sugarGrams: grams,
  doseMl: millilitres,
  wantedVolumes: z.number().min(0.5).max(5),
});
export type BatchBegun = z.infer<typeof BatchBegun>;

export const example: BatchBegun = {
  ...exampleStamp,
  kind: 'batch-begun',
  version: 1,
  name: 'Pear and fennel',
  starterId: exampleSubject,
  waterMl: 1700,
  gingerGrams: 60,
  sugarGrams: 160,
  doseMl: 160,
  wantedVolumes: 2.5,
};
