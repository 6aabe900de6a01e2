import type { Closure } from '../vessels/vessel-kinds';

/** When something goes in: with the heat, cold into the jar, once it is cool, or to steep after the first ferment. */
export const whens = ['pot', 'cold', 'last', 'infusion'] as const;
export type When = (typeof whens)[number];

/** Water: boiled, stood open for a day or two, filtered, or as it comes (a well, or no chlorine in the tap). */
export const waters = ['stood', 'boiled', 'filtered', 'as-is'] as const;
/** What touches the cooled liquid: a no-rinse sanitiser, boiling water, or a night in vinegar. */
export const cleanings = ['no-rinse', 'boiling', 'vinegar'] as const;
/** Simmered, steeped in water off the boil, or cold all the way. */
export const heats = ['simmer', 'steep', 'none'] as const;
/** What is strained through, or pulp and all. */
export const strainings = ['coarse', 'fine', 'cloth', 'pulp-in'] as const;

/** How a brew day goes: the schools chosen and the times kept. */
export interface Method {
  readonly water: (typeof waters)[number];
  readonly clean: (typeof cleanings)[number];
  readonly heat: (typeof heats)[number];
  /** Minutes it simmers, and hours it steeps after. */
  readonly minutes: number;
  readonly steepHours: number;
  readonly cool: 'lidded' | 'open' | 'ice-bath' | 'cold-water';
  readonly strain: (typeof strainings)[number];
  /** Whether solids come out before it is pitched, or lie in it through the first ferment. */
  readonly strained: 'before' | 'after';
  readonly closure: Closure;
  /** Days of first ferment at about 22 °C; the forecast goes before them. */
  readonly days: readonly [from: number, to: number];
  /** What steeps in it after the first ferment, how and how long. */
  readonly infusion: { readonly cold: boolean; readonly hours: readonly [from: number, to: number] } | null;
}
