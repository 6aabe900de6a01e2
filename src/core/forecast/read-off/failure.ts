import type { Caution } from '../../settings/caution';
import type { Strength } from '../../vessels/strength';
import { peakGauges } from './chance';
import { normalBelow } from '../run/random';
import type { StoredRun } from '../run/stored-run';

/** What a batch's glass may be asked to bear, and how careful its maker is. */
export interface Risk {
  readonly strength: Strength;
  /** Bottles of the batch that are sealed, 1 or more. */
  readonly bottles: number;
  readonly caution: Caution;
}

/**
 * Shares of kitchens past the working limit, and of batches that have lost a bottle, at which a window closes. Some hundred
 * kitchens tell one in two hundred apart, and nothing finer.
 */
export const accepted: Readonly<Record<Caution, { readonly limit: number; readonly failure: number }>> = {
  careful: { limit: 0.05, failure: 0.005 },
  usual: { limit: 0.5, failure: 0.02 },
};

/**
 * Chance that a bottle of that strength has burst at a pressure.
 *
 * @param bar gauge, any
 * @returns 0–1
 * @example failureChance({ medianBar: 8, logSpread: 0.28 }, 8) // ≈ 0.5
 */
export const failureChance = ({ medianBar, logSpread }: Strength, bar: number): number =>
  bar <= 0 ? 0 : normalBelow(Math.log(bar / medianBar) / logSpread);

/** Chance that at least one of so many equal bottles has. */
export const anyFails = (each: number, bottles: number): number => 1 - (1 - each) ** bottles;

const cache = new WeakMap<StoredRun, Map<string, readonly number[]>>();

/**
 * Chance, for each reported hour, that some bottle of a batch has burst by then: each plausible kitchen's highest pressure so
 * far against the spread of what such glass bears.
 *
 * @returns 0–1 an hour, never falling
 */
export function failureCourse(
  run: StoredRun,
  { strength, bottles }: Omit<Risk, 'caution'>,
): readonly number[] {
  const known = cache.get(run) ?? new Map<string, readonly number[]>();
  cache.set(run, known);
  const key = `${strength.medianBar} ${strength.logSpread} ${bottles}`;
  const before = known.get(key);
  if (before) return before;
  const course = run.hours.map((hour) => {
    const peaks = peakGauges(run, hour);
    let sum = 0;
    for (let m = 0; m < peaks.length; m++)
      sum += run.weights[m]! * anyFails(failureChance(strength, peaks[m]!), bottles);
    return sum;
  });
  known.set(key, course);
  return course;
}

/**
 * Hour at which the chance that a bottle of the batch has burst comes to a share.
 *
 * @returns hours from the run's start, between reports in proportion; Infinity when it never does
 */
export function failureHour(run: StoredRun, risk: Omit<Risk, 'caution'>, share: number): number {
  const course = failureCourse(run, risk);
  const index = course.findIndex((chance) => chance >= share);
  if (index < 0) return Infinity;
  const hour = run.hours[index]!;
  if (index === 0) return hour;
  const [below, above] = [course[index - 1]!, course[index]!];
  const from = run.hours[index - 1]!;
  return above > below ? from + ((share - below) / (above - below)) * (hour - from) : hour;
}
