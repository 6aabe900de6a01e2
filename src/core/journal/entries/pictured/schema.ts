import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from '../base';

/** A photo was taken; the picture itself lies beside the journal, by its hash. */
export const Pictured = z.strictObject({
  ...stamp,
  kind: z.literal('pictured'),
  lotId: subject,
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
});
export type Pictured = z.infer<typeof Pictured>;

export const example: Pictured = {
  ...exampleStamp,
  kind: 'pictured',
  lotId: exampleSubject,
  sha256: '0'.repeat(64),
};
