import type { JarCare } from '../cultures/culture';
import { knownCultures, type CultureTable } from '../cultures/registry';
import type { AwayPlan } from '../settings/away';
import { lastAt } from '../lots/lineage';
import type { Lot } from '../lots/lot';
import { hoursAt } from '../kitchen/pace';
import { keptCulture } from './feed-plan';
import { hourMs } from '../duration';

/** What to do with a starter around an absence. */
export interface AwayCare {
  /** Left where it stands, put to rest in the fridge, or kept cold as it is. */
  readonly how: 'stays' | 'rests' | 'rests-on';
  /** When it is fed and put away, ms: a span that ends with leaving. */
  readonly feedFrom: number;
  readonly feedUntil: number;
  /** Feeds at each rhythm after coming home, before it is used. */
  readonly wakingFeeds: number;
  /** When it is lively again, ms. */
  readonly livelyAt: number;
  /** Chance that it still lives on coming home, 0–1. */
  readonly survival: number;
  /** By when somebody should feed it, when the absence is longer than it lasts; null otherwise. */
  readonly neighbourBy: number | null;
}

const weekMs = 7 * 24 * hourMs;
/** A jar fed just before stands this many of its rhythms. Practice. */
const stands = 1.6;
/** A feed for the fridge is given within this many hours of leaving: it takes hold first, and is not eaten. */
const feedAhead = 18;

/**
 * Chance that a starter, fed and put into the fridge, lives after so many weeks at 4 °C: nineteen of twenty after the weeks
 * its kind is kept, one of two after twice as long and a bit. Practice.
 *
 * @example survivalAfter(4, { restsWeeks: 4 }) // ≈ 0.94
 */
export const survivalAfter = (weeks: number, { restsWeeks }: Pick<JarCare, 'restsWeeks'>): number =>
  1 / (1 + Math.exp((weeks / restsWeeks - 2.2) / 0.44));

/** How many warm feeds it takes to wake after so many weeks at rest: 1 up to a week, 2 up to three, then 3. Practice. */
export const wakingFeeds = (weeks: number): number => (weeks <= 1 ? 1 : weeks <= 3 ? 2 : 3);

/**
 * Care of a starter around an absence: a short one it stands on one feed, for a longer one it rests in the fridge.
 *
 * @param celsius where it stands, or will stand when it comes out of the fridge
 * @returns null for what is no kept jar
 */
export function careWhileAway(
  lot: Lot,
  { from, to }: AwayPlan,
  celsius: number,
  cultures: CultureTable = knownCultures,
): AwayCare | null {
  const culture = keptCulture(lot, cultures);
  if (!culture) return null;
  const { keeping } = culture;
  const rhythm = hoursAt(keeping.feed.everyHours, celsius) * hourMs;
  const cold = lot.place === 'fridge';
  const stays = !cold && to - from <= stands * rhythm;
  if (stays) {
    return {
      how: 'stays',
      feedFrom: from - 6 * hourMs,
      feedUntil: from,
      wakingFeeds: 1,
      livelyAt: to + 0.45 * rhythm,
      survival: 1,
      neighbourBy: null,
    };
  }
  // What is in the fridge already has been hungry since its last feed.
  const restingSince = cold ? lastAt(lot, ({ kind }) => kind === 'added') : from;
  const weeks = (to - restingSince) / weekMs;
  const feeds = keeping.feed.sugarShare > 0 ? wakingFeeds(weeks) : 0;
  return {
    how: cold ? 'rests-on' : 'rests',
    feedFrom: from - feedAhead * hourMs,
    feedUntil: from,
    wakingFeeds: feeds,
    // Half a rhythm to warm and wake, one for each feed before the last, and a peak.
    livelyAt: to + (feeds === 0 ? 0 : 0.5 + (feeds - 1) + 0.45) * rhythm,
    survival: survivalAfter(weeks, keeping),
    neighbourBy: weeks > keeping.restsWeeks ? restingSince + keeping.restsWeeks * weekMs : null,
  };
}
