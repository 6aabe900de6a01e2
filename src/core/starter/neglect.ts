import { knownCultures, type CultureTable } from '../cultures/registry';
import type { Warmths } from '../kitchen/places';
import { daysLived } from '../lots/days-lived';
import { lastAt } from '../lots/lineage';
import type { Lot } from '../lots/lot';
import { survivalAfter } from './away';
import { keptCulture } from './feed-plan';
import { dayMs } from '../duration';

/** How a jar stands that was not looked after. */
export interface Neglect {
  /** Days since it was fed. */
  readonly days: number;
  /** Chance that it still lives, 0–1. */
  readonly survival: number;
  /** Late for its feed; hungry for several; or so long that it may be dead. */
  readonly state: 'late' | 'starved' | 'doubtful';
}

/** Rhythms without a feed after which it is late, and after which it starves: practice. */
const lateAfter = 1.8;
const starvedAfter = 4;
/** Nothing that was forgotten for so long lives: its warmth is followed no further. */
const longestDays = 400;
/** Half-lives of starved cells on the shelf after which one jar in two is dead: practice. */
const shelfLives = 3.3;

/**
 * Whether a jar is neglected, and how likely it lives: on the shelf by the warmth it stood at, in the fridge by its weeks.
 *
 * @returns null while it is looked after as its kind wants, and for what is never fed
 */
export function neglectOf(
  lot: Lot,
  warmths: Warmths,
  now: number,
  cultures: CultureTable = knownCultures,
): Neglect | null {
  const keeping = keptCulture(lot, cultures)?.keeping;
  if (!keeping || keeping.feed.sugarShare === 0 || lot.ended) return null;
  const fedAt = lastAt(lot, ({ kind }) => kind === 'added' || kind === 'came');
  const days = (now - fedAt) / dayMs;
  if (lot.place === 'fridge') {
    const weeks = days / 7;
    if (weeks < keeping.restsWeeks) return null;
    const survival = survivalAfter(weeks, keeping);
    return {
      days,
      survival,
      state: survival < 0.6 ? 'doubtful' : weeks > 1.5 * keeping.restsWeeks ? 'starved' : 'late',
    };
  }
  const until = Math.min(now, fedAt + longestDays * dayMs);
  const rhythms = (daysLived(lot, warmths, fedAt, until) * 24) / keeping.feed.everyHours;
  if (rhythms < lateAfter) return null;
  const hungry = Math.max(0, rhythms - 1) * (keeping.feed.everyHours / 24);
  const survival = 1 / (1 + Math.exp((hungry / keeping.hungryHalfLifeDays - shelfLives) / 0.6));
  return {
    days,
    survival,
    state: survival < 0.6 ? 'doubtful' : rhythms >= starvedAfter ? 'starved' : 'late',
  };
}
