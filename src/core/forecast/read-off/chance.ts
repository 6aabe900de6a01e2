import { hourIndexAt } from '../run/hour-index';
import { valuesOverTime } from './quantiles';
import { normalBelow } from '../run/random';
import type { StoredRun } from '../run/stored-run';

/**
 * Width of the kernel against the spread of the sample: halves the noise of counting, and biases bell shapes not at all.
 * Readings cut edges into a spread, which wide bells would blur.
 */
const kernels = { unread: 0.4, read: 0.14 } as const;

/**
 * Share of a weighted sample above a level, counted softly: some hundred members give what thousands would.
 *
 * Each member stands for a little bell of its own on the scale of square roots, where pressures are nearly bell-shaped; the
 * sample is drawn together by as much as the bells widen it, so that mean and spread stay.
 *
 * @param values 0 or more, such as gauge pressures
 * @param weights summing to 1
 * @param read whether readings narrowed the sample
 * @returns 0–1
 * @source smoothed bootstrap with its variance corrected: B. W. Silverman, Density Estimation (1986), 6.4
 */
export function chanceAbove(
  values: ArrayLike<number>,
  weights: ArrayLike<number>,
  level: number,
  read = false,
): number {
  const root = (value: number) => Math.sqrt(Math.max(0, value));
  let mean = 0;
  for (let m = 0; m < values.length; m++) mean += weights[m]! * root(values[m]!);
  let variance = 0;
  for (let m = 0; m < values.length; m++) variance += weights[m]! * (root(values[m]!) - mean) ** 2;
  if (variance < 1e-12) return mean > root(level) ? 1 : 0;
  const kernel = read ? kernels.read : kernels.unread;
  const width = kernel * Math.sqrt(variance);
  const edge = mean + (root(level) - mean) * Math.sqrt(1 + kernel * kernel);
  let chance = 0;
  for (let m = 0; m < values.length; m++)
    chance += weights[m]! * normalBelow((root(values[m]!) - edge) / width);
  return Math.min(1, Math.max(0, chance));
}

const cache = new WeakMap<StoredRun, Float32Array>();

/** Highest gauge pressure so far, for every hour and member; worked out once a run. */
function runningPeaks(run: StoredRun): Float32Array {
  const known = cache.get(run);
  if (known) return known;
  const count = run.members.length;
  const peaks = new Float32Array(count * run.hours.length);
  valuesOverTime(run, 'gaugeBar').forEach((values, index) => {
    for (let m = 0; m < count; m++) {
      const before = index === 0 ? 0 : peaks[(index - 1) * count + m]!;
      peaks[index * count + m] = Math.max(before, values[m]!);
    }
  });
  cache.set(run, peaks);
  return peaks;
}

/** Highest gauge pressure of every member up to an hour, bar. */
export function peakGauges(run: StoredRun, hour: number): Float32Array {
  const count = run.members.length;
  const index = hourIndexAt(run.hours, hour);
  return runningPeaks(run).subarray(index * count, (index + 1) * count);
}

/** Highest gauge pressure of every member between two hours, bar. */
function peaksBetween(run: StoredRun, fromHour: number, hour: number): Float32Array {
  const peaks = new Float32Array(run.members.length);
  valuesOverTime(run, 'gaugeBar').forEach((values, index) => {
    const at = run.hours[index]!;
    if (at < fromHour - 1e-9 || at > hour + 1e-9) return;
    for (let m = 0; m < peaks.length; m++) peaks[m] = Math.max(peaks[m]!, values[m]!);
  });
  return peaks;
}

/**
 * Chance that a working limit is passed between two hours.
 *
 * @returns 0–1, within about 2 points of what 5,000 members say
 */
export const chanceOverLimit = (run: StoredRun, limitBar: number, hour: number, fromHour = 0): number =>
  chanceAbove(
    fromHour > 0 ? peaksBetween(run, fromHour, hour) : peakGauges(run, hour),
    run.weights,
    limitBar,
    run.read,
  );
