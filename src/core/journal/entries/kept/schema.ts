import { z } from 'zod';
import { exampleStamp, stamp } from '../base';

/** A thing of the household and how it stands: a person, hours, stock, a choice. Null when it is gone. */
export const Kept = z.strictObject({
  ...stamp,
  kind: z.literal('kept'),
  thing: z.enum([
    'person',
    'hours',
    'stock',
    'school',
    'recipe',
    'choice',
    'plan',
    'spell',
    'timer',
    'price',
  ]),
  key: z.string().min(1).max(80),
  value: z
    .record(z.string().max(80), z.union([z.string().max(8000), z.number(), z.boolean(), z.null()]))
    .nullable(),
});
export type Kept = z.infer<typeof Kept>;

export const example: Kept = {
  ...exampleStamp,
  kind: 'kept',
  thing: 'person',
  key: 'ida',
  value: { name: 'Ida' },
};
