import { betweenHours } from '../run/hour-index';

/** The quantiles every series carries, low to high. */
export const quantileLevels = [0.05, 0.25, 0.5, 0.75, 0.95] as const;
export type FiveNumbers = readonly [number, number, number, number, number];

/** As many numbers as there are levels. */
export type Quantiles<L extends readonly number[]> = { readonly [K in keyof L]: number };

/** A number for each of some others: as many as they are. */
export const each = <L extends readonly number[]>(
  numbers: L,
  of: (value: number, index: number) => number,
): Quantiles<L> => numbers.map(of) as Quantiles<L>;

/**
 * Weighted quantiles of a sample: the smallest values whose share reaches each level, joined linearly between mid-weights.
 *
 * One pass counts weight into buckets of equal width; only buckets that hold a level are put in order.
 *
 * @param values sample, any order, at least one; those with weight are numbers or Infinity
 * @param weights as many, not negative, with a positive sum
 * @param levels rising, 0–1
 * @returns as many numbers, rising
 * @throws RangeError on an empty or weightless sample
 */
export function weightedQuantiles<const L extends readonly number[]>(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  levels: L,
): Quantiles<L> {
  const total = intoBuckets(values, weights);
  if (!(total > 0)) throw new RangeError('quantiles need a sample with weight');
  let bucket = 0;
  let passed = 0;
  return each(levels, (level) => {
    const wanted = level * total;
    for (; bucket < bucketCount; bucket++) {
      if (passed + weightOf[bucket]! >= wanted) {
        putInOrder(values, bucket);
        let before = passed;
        for (let at = firstOf[bucket]!; at < firstOf[bucket + 1]!; at++) {
          const weight = weights[inBuckets[at]!]!;
          if (before + weight / 2 >= wanted) return joined(values, weights, at, wanted - before);
          before += weight;
        }
      }
      passed += weightOf[bucket]!;
    }
    return greatest(values);
  });
}

const bucketCount = 128;
/** Where each bucket's members begin in `inBuckets`, and what they weigh. */
const firstOf = new Int32Array(bucketCount + 1);
const weightOf = new Float64Array(bucketCount);
let bucketOf = new Uint8Array(0);
let inBuckets = new Int32Array(0);

/** Sorts members with weight into buckets of equal width between the least and the greatest finite value; infinite ones go into the last. Returns their weight. */
function intoBuckets(values: ArrayLike<number>, weights: ArrayLike<number>): number {
  const count = values.length;
  if (bucketOf.length < count) {
    bucketOf = new Uint8Array(count);
    inBuckets = new Int32Array(count);
  }
  let least = Infinity;
  let most = -Infinity;
  let total = 0;
  for (let i = 0; i < count; i++) {
    if (!(weights[i]! > 0)) continue;
    const value = values[i]!;
    total += weights[i]!;
    if (value < least) least = value;
    if (value > most && value < Infinity) most = value;
  }
  const perBucket = most > least ? (bucketCount - 2) / (most - least) : 0;
  firstOf.fill(0);
  weightOf.fill(0);
  for (let i = 0; i < count; i++) {
    if (!(weights[i]! > 0)) continue;
    const value = values[i]!;
    const bucket = value < Infinity ? ((value - least) * perBucket) | 0 : bucketCount - 1;
    bucketOf[i] = bucket;
    firstOf[bucket]!++;
    weightOf[bucket]! += weights[i]!;
  }
  // From counts to where each bucket ends; filled from the back, that becomes where it begins.
  for (let bucket = 1; bucket <= bucketCount; bucket++)
    firstOf[bucket] = firstOf[bucket]! + firstOf[bucket - 1]!;
  for (let i = count - 1; i >= 0; i--) if (weights[i]! > 0) inBuckets[--firstOf[bucketOf[i]!]!] = i;
  return total;
}

/** Sorts one bucket by insertion: a few members each. */
function putInOrder(values: ArrayLike<number>, bucket: number): void {
  const first = firstOf[bucket]!;
  for (let i = first + 1; i < firstOf[bucket + 1]!; i++) {
    const member = inBuckets[i]!;
    const value = values[member]!;
    let j = i - 1;
    for (; j >= first && values[inBuckets[j]!]! > value; j--) inBuckets[j + 1] = inBuckets[j]!;
    inBuckets[j + 1] = member;
  }
}

function greatest(values: ArrayLike<number>): number {
  const last = inBuckets[firstOf[bucketCount]! - 1]!;
  putInOrder(values, bucketOf[last]!);
  return values[inBuckets[firstOf[bucketCount]! - 1]!]!;
}

/** Value between a member in order and the one before it, at a weight measured from where the member's weight begins. */
function joined(values: ArrayLike<number>, weights: ArrayLike<number>, at: number, into: number): number {
  const member = inBuckets[at]!;
  const here = values[member]!;
  if (at === 0) return here;
  if (at === firstOf[bucketOf[member]!]) putInOrder(values, bucketOf[inBuckets[at - 1]!]!);
  const previous = inBuckets[at - 1]!;
  const there = values[previous]!;
  if (!Number.isFinite(here) || !Number.isFinite(there)) return here;
  const span = (weights[member]! + weights[previous]!) / 2;
  const share = (into + weights[previous]! / 2) / span;
  return there + (here - there) * Math.min(1, Math.max(0, share));
}

/** A series’ middle between its reported hours; null before the first and an hour past the last. */
export function middleAt(
  hours: readonly number[],
  series: readonly FiveNumbers[],
  hour: number,
): number | null {
  if (hours.length === 0 || hour < hours[0]! || hour > hours.at(-1)! + 1) return null;
  const { index, share } = betweenHours(hours, hour);
  const before = series[index]?.[2];
  if (before === undefined) return null;
  return before + share * ((series[index + 1]?.[2] ?? before) - before);
}
