import { z } from 'zod';
import { exampleStamp, exampleSubject, millilitres, stamp, subject } from './base';

/** A batch went into bottles; bottle n of the batch is its id, a dash and n. */
export const Bottled = z.strictObject({
  ...stamp,
  kind: z.literal('bottled'),
  version: z.literal(1),
  batchId: subject,
  vessel: z.enum([
    'plastic-soda',
    'swing-top',
    'crown-cap',
    'sparkling-wine',
    'decorative',
    'preserving-jar',
  ]),
  count: z.number().int().min(1).max(60),
  /** Nominal volume of a bottle. */
  bottleMl: z.number().min(50).max(20_000),
  headspaceMl: millilitres,
  primingGramsPerLitre: z.number().min(0).max(60),
});
export type Bottled = z.infer<typeof Bottled>;

export const example: Bottled = {
  ...exampleStamp,
  kind: 'bottled',
  version: 1,
  batchId: exampleSubject,
  vessel: 'swing-top',
  count: 4,
  bottleMl: 500,
  headspaceMl: 20,
  primingGramsPerLitre: 0,
};
