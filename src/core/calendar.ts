import { set } from 'date-fns/set';
import { subDays } from 'date-fns/subDays';
import { addDays } from 'date-fns/addDays';

/**
 * An instant at a minute of the local day another instant lies in.
 *
 * @param at any instant of the day, ms since 1970
 * @param minute minutes on the clock from midnight, 0–1,440 (the next midnight); where the clock is set forward over it, an hour later
 * @example new Date(onClock(new Date(2026, 2, 29, 12).getTime(), 7 * 60)).getHours() // 7
 */
export const onClock = (at: number, minute: number): number =>
  set(at, { hours: Math.floor(minute / 60), minutes: minute % 60, seconds: 0, milliseconds: 0 }).getTime();

/** The last time before or at an instant that a clock shows a minute of the day. */
export function lastOnClock(at: number, minute: number): number {
  const today = onClock(at, minute);
  return today <= at ? today : onClock(subDays(at, 1).getTime(), minute);
}

/** The first time after or at an instant that a clock shows a minute of the day. */
export function nextOnClock(at: number, minute: number): number {
  const today = onClock(at, minute);
  return today >= at ? today : onClock(addDays(at, 1).getTime(), minute);
}

/** Minutes the local clock shows since midnight, 0–1,439. */
export function minuteOfDay(at: number): number {
  const date = new Date(at);
  return date.getHours() * 60 + date.getMinutes();
}
