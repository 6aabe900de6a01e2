import { fillingAt, spanAt, stageSpans } from '../ferment/time-table';
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
 * @param order indices of the members with weight, kept in order from call to call: a forecast's members hardly overtake
 *   each other within an hour, so that sorting costs next to nothing
 * @returns as many numbers, rising
 * @throws RangeError on an empty or weightless sample
 */
export function weightedQuantiles(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  levels: readonly number[],
  order = weighty(weights),
): number[] {
  let total = 0;
  for (let i = 0; i < order.length; i++) total += weights[order[i]!]!;
  if (!(total > 0)) throw new RangeError('quantiles need a sample with weight');
  settle(order, values);
  const out: number[] = [];
  let index = 0;
  let before = 0;
  for (const level of levels) {
    // Walk on until this member's mid-weight passes the level.
    while (index < order.length && (before + weights[order[index]!]! / 2) / total < level) {
      before += weights[order[index]!]!;
      index += 1;
    }
    out.push(joined(values, weights, order, index, level * total - before));
  }
  return out;
}

/** Indices of the members that carry weight. */
const weighty = (weights: ArrayLike<number>): Int32Array =>
  Int32Array.from(Array.from({ length: weights.length }, (_, i) => i).filter((i) => weights[i]! > 0));

/** Sorts by insertion: nearly free on what is nearly in order. Long unsorted samples are sorted outright first. */
function settle(order: Int32Array, values: ArrayLike<number>): void {
  let swaps = 0;
  for (let i = 1; i < order.length; i++) {
    const member = order[i]!;
    const value = values[member]!;
    let j = i - 1;
    for (; j >= 0 && values[order[j]!]! > value; j--) {
      order[j + 1] = order[j]!;
      swaps += 1;
    }
    order[j + 1] = member;
    if (swaps > 20 * order.length) {
      order.sort((a, b) => values[a]! - values[b]! || a - b);
      return;
    }
  }
}

/** Value between a member and the one before it, at a weight measured from where the member's weight begins. */
function joined(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  order: Int32Array,
  index: number,
  into: number,
): number {
  if (index >= order.length) return values[order[order.length - 1]!]!;
  const here = values[order[index]!]!;
  if (index === 0) return here;
  const there = values[order[index - 1]!]!;
  if (!Number.isFinite(here) || !Number.isFinite(there)) return here;
  const span = (weights[order[index]!]! + weights[order[index - 1]!]!) / 2;
  const share = (into + weights[order[index - 1]!]! / 2) / span;
  return there + (here - there) * Math.min(1, Math.max(0, share));
}

/** Where the liquid of every member is at each reported hour. */
export function placesOf(run: StoredRun): readonly Place[] {
  const spans = stageSpans(run.ferment.stages);
  const liquidMl = run.ferment.liquidLitres * 1000;
  return run.hours.map((hour) => {
    const { stage } = spanAt(spans, hour);
    return { stage, celsius: stage.celsius, filling: fillingAt(run.ferment.stages, hour, liquidMl) };
  });
}

/** Every member's value of a quantity at one reported hour. */
export function valuesAt(run: StoredRun, quantity: Quantity, hourIndex: number, place: Place): Float64Array {
  const of = quantities[quantity];
  const values = new Float64Array(run.members.length);
  const here = { ...place };
  for (let m = 0; m < values.length; m++) {
    here.celsius = run.celsius[m * run.hours.length + hourIndex]!;
    values[m] = of(run.rows, rowAt(run, m, hourIndex), here);
  }
  return values;
}

/** Five quantiles of a quantity at every reported hour. */
export function seriesOf(run: StoredRun, quantity: Quantity): FiveNumbers[] {
  const order = weighty(run.weights);
  return placesOf(run).map((place, index) => {
    const values = valuesAt(run, quantity, index, place);
    return weightedQuantiles(values, run.weights, quantileLevels, order) as unknown as FiveNumbers;
  });
}
