import type { Stepper } from '../../ferment/run/stepper';
import type { LotStage } from '../../ferment/scenario/ferment';
import type { Member } from '../../ferment/state/member';
import { slots } from '../../ferment/state/state';
import { runFamily, type Family } from '../run/family';
import { rowAt, type StoredRun } from '../run/stored-run';

/** Which of the kitchens that were found likely are run to the end. */

/** How thoroughly likely kitchens are searched for, and in what order they are picked. */
export interface Care {
  /** Kitchens drawn in each round of the search, for each that is asked for. */
  readonly draws: number;
  /** What they are picked in the order of; null: of the gas they were about to make when last read. */
  readonly foresight: Foresight | null;
}

/** Kitchens are run some way ahead before they are picked. */
export interface Foresight {
  /** Kitchens run ahead, for each that is asked for. */
  readonly kitchens: number;
  readonly untilHour: number;
  /** A number for every kitchen from the family's runs: what is asked about should rise or fall with it. */
  readonly order: (runs: readonly StoredRun[]) => Float64Array;
}

/** Quick enough to be waited for. */
export const usualCare: Care = { draws: 1, foresight: null };

/** Hours between what is reported of a run ahead: it only puts kitchens in order. */
const aheadSteps = 3;

export interface Picked {
  /** Distinct ones. */
  readonly indices: readonly number[];
  /** Of each of them, summing to 1. */
  readonly weights: Float64Array;
}

/**
 * Picks `count` members evenly by weight (systematic resampling), along an order, so that each part of it keeps its share;
 * one that is picked several times weighs as often.
 *
 * @param order what they are put in the order of, from the least on
 */
export function pickedByWeight(weights: Float64Array, order: Float64Array, count: number): Picked {
  const times = new Map<number, number>();
  let sum = 0;
  let next = 0.5 / count;
  for (const m of [...order.keys()].sort((a, b) => order[a]! - order[b]!)) {
    sum += weights[m]!;
    for (; next <= sum + 1e-12 && next < 1; next += 1 / count) times.set(m, (times.get(m) ?? 0) + 1);
  }
  const total = [...times.values()].reduce((all, each) => all + each, 0);
  return { indices: [...times.keys()], weights: Float64Array.from(times.values(), (each) => each / total) };
}

/**
 * Picks twice: several times as many as are asked for by weight, and of these, in the order of what comes to pass with them,
 * as many as are asked for. Chances of what they were put in order of then hang on the many and not on the few.
 *
 * @param gassy the order of the first picking
 */
export function pickedByWhatComes(
  family: Family,
  stepper: Stepper,
  found: readonly Member[],
  weights: Float64Array,
  gassy: Float64Array,
  { kitchens, untilHour, order }: Foresight,
): Picked {
  const { members } = family.root;
  const likely = pickedByWeight(weights, gassy, kitchens * members);
  const root = { ...family.root, stepHours: Math.max(aheadSteps, family.root.stepHours) };
  const ahead = upTo({ ...family, root }, untilHour);
  const orders = new Float64Array(likely.indices.length);
  // Some at a time: all their rows at once would be many megabytes.
  for (let from = 0; from < orders.length; from += members) {
    const some = likely.indices.slice(from, from + members).map((m) => found[m]!);
    orders.set(order(runFamily(ahead, some, stepper)), from);
  }
  const { indices, weights: picked } = pickedByWeight(likely.weights, orders, members);
  return { indices: indices.map((i) => likely.indices[i]!), weights: picked };
}

/** Gas that each member would have made a day after its last row at the pace it has there, g/L. */
export function gasADayOn(run: StoredRun): Float64Array {
  return Float64Array.from(run.members, (_, m) => {
    const at = rowAt(run, m, run.hours.length - 1);
    return run.rows[at + slots.CO2]! + 24 * run.rows[at + slots.GAS_RATE]!;
  });
}

/** Hour of the last reading of a family, or of its last draw. */
export const lastReadHour = ({ root, branches }: Family): number =>
  Math.max(
    ...[root, ...branches].flatMap(({ readings }) => readings.map(({ hour }) => hour)),
    ...branches.map(({ fromHour }) => fromHour),
  );

/** The family as far as an hour. */
export function upTo(family: Family, hour: number): Family {
  const cut = <T extends { readonly stages: readonly LotStage[] }>(of: T, from: number): T => {
    const stages: LotStage[] = [];
    let left = hour - from;
    for (const stage of of.stages) {
      if (left <= 0 && stages.length > 0) break;
      stages.push({ ...stage, hours: Math.min(stage.hours, Math.max(1e-6, left)) });
      left -= stage.hours;
    }
    return { ...of, stages };
  };
  return {
    ...family,
    root: cut(family.root, 0),
    branches: family.branches.map((branch) => cut(branch, branch.fromHour)),
  };
}
