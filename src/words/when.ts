import { format } from 'date-fns/format';
import { isSameDay } from 'date-fns/isSameDay';
import { subHours } from 'date-fns/subHours';
import { minuteOfDay } from '@/core/calendar';
import { dayMs } from '@/core/duration';
import type { WakingHours } from '@/core/kitchen/waking';
import { clock, moment, quarter } from './moment';
import { t } from '@/core/language/t';

/** Parts of the day by the minute they end at; what is left of it is night. */
const parts: readonly (readonly [until: number, name: string])[] = [
  [11 * 60, t`morning`],
  [14 * 60, t`noon`],
  [18 * 60, t`afternoon`],
  [22 * 60, t`evening`],
];
/** Until five in the morning it is still the night of the day before. */
const smallHours = 5;

const isNear = (at: number, now: number): boolean =>
  isSameDay(at, now) || isSameDay(at, now + dayMs) || at < now;

/** A day some days off and its part: "Friday evening", "12 May". */
function dayAndPart(at: number, now: number): string {
  if (at - now > 6 * dayMs) return format(at, 'd MMM');
  const minute = minuteOfDay(at);
  if (minute < smallHours * 60) return t`${format(subHours(at, smallHours), 'EEEE')} night`;
  const [, part = t`night`] = parts.find(([until]) => minute < until) ?? [];
  return `${format(at, 'EEEE')} ${part}`;
}

/** An instant within a range of hours: to the quarter hour today and tomorrow, later the day and its part, or the date. */
export const roughly = (at: number, now: number): string =>
  isNear(at, now) ? moment(quarter(at), now) : dayAndPart(at, now);

/** An instant as it is said of something to come: "now", "at 21:30", "tomorrow at 8:00", "Friday evening". */
export function atWords(at: number, now: number): string {
  if (quarter(at) <= now + 900_000) return t`now`;
  if (!isNear(at, now)) return dayAndPart(at, now);
  const time = clock(quarter(at));
  return isSameDay(quarter(at), now) ? t`at ${time}` : t`tomorrow at ${time}`;
}

/**
 * A latest moment as it is said: to the quarter hour today and tomorrow, by the part of the day after that.
 *
 * @example "by 22:15", "before bed", "by tomorrow 8:15", "by Friday evening", "by 12 May"
 */
export function deadlineWords(until: number, now: number, waking: WakingHours): string {
  if (!isNear(until, now)) return t`by ${dayAndPart(until, now)}`;
  const isBed = Math.abs(minuteOfDay(quarter(until)) - waking.to) <= 1;
  if (!isBed) return t`by ${moment(quarter(until), now)}`;
  return isSameDay(until, now) ? t`before bed` : t`before bed tomorrow`;
}

/** A span to come: "20:15 to 22:30", "tomorrow 7:00 to 19:00", "20:15 to tomorrow 2:15", "from Friday evening". */
export function betweenWords(from: number, until: number, now: number): string {
  if (!isNear(from, now)) return t`from ${dayAndPart(from, now)}`;
  const begin = moment(quarter(from), now);
  if (!isNear(until, now)) return t`from ${begin}`;
  const end = isSameDay(quarter(from), quarter(until)) ? clock(quarter(until)) : moment(quarter(until), now);
  return t`${begin} to ${end}`;
}
