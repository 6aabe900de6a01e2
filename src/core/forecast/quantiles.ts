import { spanAt, stageSpans } from '../ferment/time-table';
import { quantities, type Place, type Quantity } from './quantities';
import { rowAt, type StoredRun } from './stored-run';

/** The quantiles every series carries, low to high. */
export const quantileLevels = [0.05, 0.25, 0.5, 0.75, 0.95] as const;
export type FiveNumbers = readonly [number, number, number, number, number];

/**
 * Weighted quantiles of a sample: the smallest values whose share reaches each level, joined linearly between mid-weights.
 *
 * @param values sample, any order, at least one
 * @param weights as many, not negative, with a positive sum
 * @param levels rising, 0–1
 * @returns as many numbers, rising
 * @throws RangeError on an empty or weightless sample
 */
export function weightedQuantiles(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  levels: readonly number[],
): number[] {
  // prettier-ignore
  const order = Array.from({ length: values.length }, (_, i) => i)
    .filter((i) => weights[i]! > 0)
    .sort((a, b) => values[a]! - values[b]!);
  let total = 0;
  for (let i = 0; i < weights.length; i++) total += weights[i]!;
  if (!(total > 0)) throw new RangeError('quantiles need a sample with weight');
  const out: number[] = [];
  let before = 0;
  let previous = -1;
  let previousMid = 0;
  let index = 0;
  for (const level of levels) {
    for (; index < order.length; index++) {
      const weight = weights[order[index]!]! / total;
      if (before + weight / 2 >= level) break;
      previous = index;
      previousMid = before + weight / 2;
      before += weight;
    }
    out.push(between(values, weights, order, { index, previous, previousMid, before, total, level }));
  }
  return out;
}

interface Bracket {
  index: number;
  previous: number;
  previousMid: number;
  before: number;
  total: number;
  level: number;
}

function between(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  order: readonly number[],
  b: Bracket,
): number {
  // prettier-ignore
  if (b.index >= order.length) return values[order[order.length - 1]!]!;
  const here = values[order[b.index]!]!;
  if (b.previous < 0) return here;
  const there = values[order[b.previous]!]!;
  if (!Number.isFinite(here) || !Number.isFinite(there)) return here;
  const mid = b.before + weights[order[b.index]!]! / b.total / 2;
  const share = mid > b.previousMid ? (b.level - b.previousMid) / (mid - b.previousMid) : 1;
  return there + (here - there) * Math.min(1, Math.max(0, share));
}

/** Where the liquid of every member is at each reported hour. */
export function placesOf(run: StoredRun): readonly Place[] {
  const spans = stageSpans(run.scenario.stages);
  const liquidMl = run.scenario.liquidLitres * 1000;
  return run.hours.map((hour) => {
    const { stage } = spanAt(spans, hour);
    return { stage, celsius: stage.celsius, headspaceRatio: stage.headspaceMl / liquidMl };
  });
}

/** Every member's value of a quantity at one reported hour. */
export function valuesAt(run: StoredRun, quantity: Quantity, hourIndex: number, place: Place): Float64Array {
  const of = quantities[quantity];
  const values = new Float64Array(run.members.length);
  for (let m = 0; m < values.length; m++) {
    const celsius = run.celsius[m * run.hours.length + hourIndex]!;
    values[m] = of(run.rows, rowAt(run, m, hourIndex), { ...place, celsius });
  }
  return values;
}

/** Five quantiles of a quantity at every reported hour. */
export function seriesOf(run: StoredRun, quantity: Quantity): FiveNumbers[] {
  return placesOf(run).map((place, index) => {
    const values = valuesAt(run, quantity, index, place);
    return weightedQuantiles(values, run.weights, quantileLevels) as unknown as FiveNumbers;
  });
}
