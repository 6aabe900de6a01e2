import { z } from 'zod';
import { exampleStamp, exampleSubject, stamp, subject } from './base';

/** A starter was looked at: how much it foams. */
export const Looked = z.strictObject({
  ...stamp,
  kind: z.literal('looked'),
  version: z.literal(1),
  starterId: subject,
  foam: z.enum(['none', 'some', 'good', 'riding']),
});
export type Looked = z.infer<typeof Looked>;

export const example: Looked = {
  ...exampleStamp,
  kind: 'looked',
  version: 1,
  starterId: exampleSubject,
  foam: 'good',
};
