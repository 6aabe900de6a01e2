import { dayMs } from './duration';

/** Earliest and latest instants an entry may carry, ms: 2000 to 2100. */
export const earliest = 946_684_800_000;
export const latest = 4_102_444_800_000;

/** The last instant an id may be of: an act written after it sorts behind it, and needs room. A year before the last one. */
export const latestId = latest - 366 * dayMs;

/** Whether a value is an instant that an entry may speak of, ms. */
export const isInstant = (value: unknown): value is number =>
  typeof value === 'number' && value >= earliest && value <= latest;
