import { z } from 'zod';
import { cleanings, heats, strainings, waters, whens } from '../../lots/method';
import { closures } from '../../vessels/vessel-kinds';

export const when = z.enum(whens);

const hours = z
  .number()
  .min(0)
  .max(24 * 90);

/** How a brew day goes, as it is written down. */
export const methodShape = z.strictObject({
  water: z.enum(waters),
  clean: z.enum(cleanings),
  heat: z.enum(heats),
  minutes: z.number().min(0).max(240),
  steepHours: hours,
  cool: z.enum(['lidded', 'open', 'ice-bath', 'cold-water']),
  strain: z.enum(strainings),
  strained: z.enum(['before', 'after']),
  closure: z.enum(closures),
  days: z.tuple([z.number().min(0).max(120), z.number().min(0).max(120)]),
  infusion: z.strictObject({ cold: z.boolean(), hours: z.tuple([hours, hours]) }).nullable(),
});
