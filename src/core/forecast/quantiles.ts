import { fillingAt, spanAt, stageSpans } from '../ferment/time-table';
import { quantities, type Place, type Quantity } from './quantities';
import { rowAt, rowOf, type StoredRun } from './stored-run';

/** The quantiles every series carries, low to high. */
export const quantileLevels = [0.05, 0.25, 0.5, 0.75, 0.95] as const;
export type FiveNumbers = readonly [number, number, number, number, number];

/**
 * Weighted quantiles of a sample: the smallest values whose share reaches each level, joined linearly between mid-weights.
 *
 * @param values sample, any order, at least one
 * @param weights as many, not negative, with a positive sum
 * @param levels rising, 0–1
 * @param order indices of the members with weight, kept from call to call; put in order
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

const pails = 256;
const firstOf = new Int32Array(pails + 1);
let spare = new Int32Array(0);

/** Sorts members by value: into pails first when there are many, then by insertion, which is nearly free on what is nearly in order. */
function settle(order: Int32Array, values: ArrayLike<number>): void {
  if (order.length > 40) intoPails(order, values);
  for (let i = 1; i < order.length; i++) {
    const member = order[i]!;
    const value = values[member]!;
    let j = i - 1;
    for (; j >= 0 && values[order[j]!]! > value; j--) order[j + 1] = order[j]!;
    order[j + 1] = member;
  }
}

/** Counts members into pails of equal width between the least and the greatest finite value; what is infinite goes last. */
function intoPails(order: Int32Array, values: ArrayLike<number>): void {
  let least = Infinity;
  let most = -Infinity;
  for (let i = 0; i < order.length; i++) {
    const value = values[order[i]!]!;
    if (value < least) least = value;
    if (value > most && value < Infinity) most = value;
  }
  if (!(most > least)) return;
  const perPail = (pails - 2) / (most - least);
  const pailOf = (value: number) => (value < Infinity ? ((value - least) * perPail) | 0 : pails - 1);
  firstOf.fill(0);
  for (let i = 0; i < order.length; i++) firstOf[pailOf(values[order[i]!]!) + 1]!++;
  for (let pail = 1; pail <= pails; pail++) firstOf[pail] = firstOf[pail]! + firstOf[pail - 1]!;
  if (spare.length < order.length) spare = new Int32Array(order.length);
  spare.set(order);
  for (let i = 0; i < order.length; i++) {
    const member = spare[i]!;
    const pail = pailOf(values[member]!);
    order[firstOf[pail]!] = member;
    firstOf[pail]!++;
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
    here.celsius = run.celsius[rowOf(run, m, hourIndex)]!;
    values[m] = of(run.rows, rowAt(run, m, hourIndex), here);
  }
  return values;
}

const worked = new WeakMap<StoredRun, Map<Quantity, readonly Float64Array[]>>();

/** Every member's value of a quantity at every reported hour, one array an hour; kept as long as the run. */
export function valuesOverTime(run: StoredRun, quantity: Quantity): readonly Float64Array[] {
  const known = worked.get(run)?.get(quantity);
  if (known) return known;
  const values = placesOf(run).map((place, hour) => valuesAt(run, quantity, hour, place));
  const ofRun = worked.get(run) ?? new Map<Quantity, readonly Float64Array[]>();
  worked.set(run, ofRun.set(quantity, values));
  return values;
}

/** Five quantiles of a quantity at every reported hour. */
export function seriesOf(run: StoredRun, quantity: Quantity): FiveNumbers[] {
  const order = weighty(run.weights);
  return valuesOverTime(run, quantity).map(
    (values) => weightedQuantiles(values, run.weights, quantileLevels, order) as unknown as FiveNumbers,
  );
}
