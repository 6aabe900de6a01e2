import { z } from 'zod';
import { isInstant, latest } from '../../../time-range';
import { exampleStamp, roomCelsius, stamp } from '../base';

/** No number that is kept is larger than the last instant. */
const largest = latest;
/** Things that speak of times, and the names those have. */
const timed: readonly string[] = ['plan', 'spell', 'timer'];
const instants = ['at', 'from', 'to', 'until'] as const;

/** A thing of the household and how it stands: a person, hours, stock, a choice. Null when it is gone. */
export const Kept = z
  .strictObject({
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
      'ingredient',
    ]),
    key: z.string().min(1).max(80),
    value: z
      .record(
        z.string().max(80),
        z.union([z.string().max(8000), z.number().min(-largest).max(largest), z.boolean(), z.null()]),
      )
      .nullable(),
  })
  .superRefine(({ thing, value }, context) => {
    if (!timed.includes(thing)) return;
    for (const key of instants)
      if (typeof value?.[key] === 'number' && !isInstant(value[key]))
        context.addIssue({
          code: 'custom',
          path: ['value', key],
          message: 'A time between the years 2000 and 2100.',
        });
    const celsius = value?.celsius;
    if (typeof celsius === 'number' && !roomCelsius.safeParse(celsius).success)
      context.addIssue({
        code: 'custom',
        path: ['value', 'celsius'],
        message: 'A temperature between −5 and 45 °C.',
      });
  });
export type Kept = z.infer<typeof Kept>;

export const example: Kept = {
  ...exampleStamp,
  kind: 'kept',
  thing: 'person',
  key: 'ida',
  value: { name: 'Ida' },
};
