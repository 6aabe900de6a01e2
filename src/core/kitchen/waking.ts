import { lastOnClock, minuteOfDay, nextOnClock } from '../calendar';
import { hourMs } from '../duration';

/** When somebody is up, minutes of the day from midnight; past midnight when the end lies before the beginning. */
export interface WakingHours {
  readonly from: number;
  readonly to: number;
}

export const usualWaking: WakingHours = { from: 7 * 60, to: 22 * 60 + 30 };

/** Whether somebody is up at an instant, by the local clock. */
export function isAwake(at: number, { from, to }: WakingHours): boolean {
  const minute = minuteOfDay(at);
  return from < to ? minute >= from && minute <= to : minute >= from || minute <= to;
}

/** The last moment awake not after an instant, ms. */
export function lastAwake(at: number, waking: WakingHours): number {
  return isAwake(at, waking) ? at : lastOnClock(at, waking.to);
}

/** The first moment awake not before an instant, ms. */
export function nextAwake(at: number, waking: WakingHours): number {
  return isAwake(at, waking) ? at : nextOnClock(at, waking.from);
}

/** So long before bed, ms, is met what would open in the night. */
const beforeBed = 1.5 * hourMs;

/**
 * A span brought into the hours somebody is up: it begins with the next waking moment and ends with the last. One that lies
 * wholly in the night is met in the last hours before it, since too early is better than too late.
 */
export function whileAwake(span: { readonly from: number; readonly until: number }, waking: WakingHours) {
  const until = lastAwake(span.until, waking);
  const from = nextAwake(span.from, waking);
  const isNight = from > until || (from === until && span.until > span.from);
  return { from: isNight ? until - beforeBed : from, until };
}

/** A latest moment that is days off, at eight in the evening before it: nobody opens a bottle at half past two. */
export function eveningBefore(instant: number, now: number): number {
  return instant - now < 36 * hourMs ? instant : lastOnClock(instant, 20 * 60);
}
