import { z } from 'zod';
import { celsius, exampleStamp, exampleSubject, millilitres, stamp, subject } from './base';

/** The dose was drawn from its starter and stirred into the base. */
export const Pitched = z.strictObject({
  ...stamp,
  kind: z.literal('pitched'),
  version: z.literal(1),
  batchId: subject,
  celsius,
  doseMl: millilitres,
});
export type Pitched = z.infer<typeof Pitched>;

export const example: Pitched = {
  ...exampleStamp,
  kind: 'pitched',
  version: 1,
  batchId: exampleSubject,
  celsius: 24,
  doseMl: 160,
};
