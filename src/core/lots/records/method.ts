import { z } from 'zod';
import type { ReadOnly } from '../../read-only';
import { closures } from '../../vessels/vessel-kinds';

/** When something goes in: with the heat, cold into the jar, once it is cool, or to steep after the first ferment. */
export const whens = ['pot', 'cold', 'last', 'infusion'] as const;
export type When = (typeof whens)[number];

/** Water: boiled, stood open for a day or two, filtered, or as it comes (a well, or no chlorine in the tap). */
const waters = ['stood', 'boiled', 'filtered', 'as-is'] as const;
/** What touches the cooled liquid: a no-rinse sanitiser, boiling water, or a night in vinegar. */
const cleanings = ['no-rinse', 'boiling', 'vinegar'] as const;
/** Simmered, steeped in water off the boil, or cold all the way. */
const heats = ['simmer', 'steep', 'none'] as const;
/** What is strained through, or pulp and all. */
const strainings = ['coarse', 'fine', 'cloth', 'pulp-in'] as const;

const hours = z
  .number()
  .min(0)
  .max(24 * 90);
const days = z.number().min(0).max(120);

/** How a brew day goes: the schools chosen and the times kept. */
export const MethodRecord = z.strictObject({
  water: z.enum(waters),
  clean: z.enum(cleanings),
  heat: z.enum(heats),
  /** Minutes it simmers, and hours it steeps after. */
  minutes: z.number().min(0).max(240),
  steepHours: hours,
  cool: z.enum(['lidded', 'open', 'ice-bath', 'cold-water']),
  strain: z.enum(strainings),
  /** Whether solids come out before it is pitched, or lie in it through the first ferment. */
  strained: z.enum(['before', 'after']),
  closure: z.enum(closures),
  /** Days of first ferment at about 22 °C, from and to; the forecast goes before them. */
  days: z.tuple([days, days]),
  /** What steeps in it after the first ferment: how, and how long from and to. */
  infusion: z.strictObject({ cold: z.boolean(), hours: z.tuple([hours, hours]) }).nullable(),
});
export type Method = ReadOnly<z.infer<typeof MethodRecord>>;

export const example: Method = {
  water: 'boiled',
  clean: 'boiling',
  heat: 'simmer',
  minutes: 10,
  steepHours: 0.5,
  cool: 'lidded',
  strain: 'fine',
  strained: 'before',
  closure: 'cloth',
  days: [2, 4],
  infusion: null,
};
