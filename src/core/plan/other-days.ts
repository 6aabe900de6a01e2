import { believed } from './believed';
import { brewMoments, chanceBy, waysThrough } from './choices';
import type { Household, PlannedWish, Way } from './problem';
import { dayMs } from '../duration';

/** So many days before and after the wished one are looked at. */
const around = 7;

/**
 * The best chance that one way has by each day around the one that is wished, at the same hour; alone, without other wishes.
 *
 * @returns in order of the days, none that lies behind
 */
export function chancesByDay(
  way: Way,
  { by }: Pick<PlannedWish, 'by'>,
  household: Pick<Household, 'now' | 'free' | 'look' | 'pace'>,
): { readonly at: number; readonly chance: number }[] {
  const days = Array.from({ length: 2 * around + 1 }, (_, i) => by + (i - around) * dayMs).filter(
    (at) => at > household.now,
  );
  const pitched = brewMoments(household, by + around * dayMs)
    .filter((at) => at >= way.readyAt)
    .map((at) => waysThrough(way, at, household));
  return days.map((at) => ({
    at,
    chance: believed(Math.max(0, ...pitched.map((ways) => chanceBy(ways, at))), way.lengths.straight),
  }));
}
