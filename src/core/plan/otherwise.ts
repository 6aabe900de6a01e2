import { cardinal, temperatureResponse } from '../ferment/relations/cardinal-temperature';
import { scaledLengths } from './lengths';
import type { Choice, Household, PlannedWish } from './problem';
import { dayMs } from '../duration';

/** What would make a wish fit better, and the chance it then has. */
export interface Remedy {
  readonly kind: 'later' | 'warmer' | 'jar' | 'bottles' | 'hours' | 'gauge' | 'fridge';
  /** Days later, or degrees warmer; 1 for the rest. */
  readonly amount: number;
  readonly chance: number;
}

/** Below this a remedy is looked for; one that brings less than this is none. */
const wanting = { below: 0.6, gain: 0.1 };
const warmerBy = 3;
const laterDays = [1, 2, 3, 5];
/** Chances this near are as sure. */
const asSure = 0.05;

/**
 * The surest; the soonest; the one that leaves most time before it is begun while it is hardly less sure; and of all ways the one with
 * least work, where it is hardly less sure.
 *
 * @param options of the way that was chosen
 * @param all of every way
 */
export function alternativesOf(options: readonly Choice[], all: readonly Choice[] = options) {
  const byTime = [...options].sort((a, b) => a.pitchAt - b.pitchAt);
  const most = Math.max(...options.map(({ chance }) => chance));
  const sureAll = all.filter(({ chance }) => chance >= most - 3 * asSure);
  const fewest = Math.min(...sureAll.map(({ acts }) => acts));
  const leastWork = sureAll.filter(({ acts }) => acts === fewest).sort((a, b) => b.chance - a.chance)[0];
  const lastOf = (least: number) => byTime.filter(({ chance }) => chance >= least).at(-1);
  const found = [
    { kind: 'surest' as const, choice: lastOf(most - 1e-9) },
    { kind: 'soonest' as const, choice: byTime.find(({ chance }) => chance >= most - 3 * asSure) },
    { kind: 'latest' as const, choice: lastOf(most - 3 * asSure) },
    { kind: 'least-work' as const, choice: leastWork },
  ].flatMap(({ kind, choice }) => (choice ? [{ kind, choice }] : []));
  return found.filter(
    ({ choice }, i) =>
      found.findIndex(
        (other) => other.choice.pitchAt === choice.pitchAt && other.choice.way === choice.way,
      ) === i,
  );
}

/** The chance of a changed wish in a changed household, beside all other wishes. */
type ChanceThen = (wish: PlannedWish, household: Household) => number;

/**
 * What would make a wish surer, the best first, three at most.
 *
 * @param chance it has now
 */
export function remediesOf(
  chance: number,
  wish: PlannedWish,
  household: Household,
  chanceThen: ChanceThen,
): Remedy[] {
  if (chance >= wanting.below) return [];
  const later = laterDays
    .map((amount) => ({ amount, chance: chanceThen({ ...wish, by: wish.by + amount * dayMs }, household) }))
    .find((each) => each.chance >= Math.min(wanting.below, chance + 2 * wanting.gain));
  const warm = {
    ...wish,
    ways: wish.ways.map((way) => ({ ...way, lengths: scaledLengths(way.lengths, paceRatio) })),
  };
  const roomier = (more: Partial<Household>) => chanceThen(wish, { ...household, ...more });
  const { free } = household;
  const out: Remedy[] = [
    ...(later ? [{ kind: 'later' as const, ...later }] : []),
    { kind: 'warmer', amount: warmerBy, chance: chanceThen(warm, household) },
    ...(free.busy.length > 0
      ? [{ kind: 'hours' as const, amount: 1, chance: roomier({ free: { ...free, busy: [] } }) }]
      : []),
    ...(household.look === 'gauge'
      ? []
      : [{ kind: 'gauge' as const, amount: 1, chance: roomier({ look: 'gauge' }) }]),
    { kind: 'jar', amount: 1, chance: roomier({ jars: household.jars + 1 }) },
    {
      kind: 'fridge',
      amount: 1,
      chance: roomier({ fridge: household.fridge + household.cold.bottles + wish.bottles }),
    },
    { kind: 'bottles', amount: 1, chance: roomier({ bottles: household.bottles + wish.bottles }) },
  ];
  return out
    .filter((each) => each.chance >= chance + wanting.gain)
    .sort((one, other) => other.chance - one.chance)
    .slice(0, 3);
}

/** How much shorter everything is three degrees warmer, from 22 °C. */
const paceRatio =
  temperatureResponse(22, cardinal.yeast) / temperatureResponse(22 + warmerBy, cardinal.yeast);
