import { format } from 'date-fns/format';
import { lastAwake, type WakingHours } from '../core/kitchen/waking';
import { dayMs, hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

const startOfDay = (instant: number) => new Date(instant).setHours(0, 0, 0, 0);

/** Whether the clock shows this time twice that day, because it is set back. */
function shownTwice(instant: number): 'first' | 'second' | null {
  const hour = hourMs;
  const same = (other: number) => format(other, 'yyyy-MM-dd H:mm') === format(instant, 'yyyy-MM-dd H:mm');
  return same(instant + hour) ? 'first' : same(instant - hour) ? 'second' : null;
}

/** The time of day; in the hour that comes twice in autumn, which of the two. */
export function clock(instant: number): string {
  const twice = shownTwice(instant);
  const time = format(instant, 'H:mm');
  return twice === null ? time : `${time} ${twice === 'first' ? t`(summer time)` : t`(winter time)`}`;
}

/** A moment as people say it: "21:30", "tomorrow 9:00", "Thu 14:00", "3 May 8:00", "3 May 2024 8:00". */
export function moment(instant: number, now: number): string {
  const days = Math.round((startOfDay(instant) - startOfDay(now)) / dayMs);
  return at(instant, now, days, clock(instant));
}

function at(instant: number, now: number, days: number, clock: string): string {
  if (days === 0) return clock;
  if (days === 1) return t`tomorrow ${clock}`;
  if (days === -1) return t`yesterday ${clock}`;
  if (Math.abs(days) < 6) return `${format(instant, 'EEE')} ${clock}`;
  const year =
    new Date(instant).getFullYear() === new Date(now).getFullYear() ? '' : ` ${format(instant, 'yyyy')}`;
  return `${format(instant, 'd MMM')}${year} ${clock}`;
}

/** A span of waiting: "40 min", "7 h", "3 days", "18 months". */
export function duration(hours: number): string {
  if (hours < 1) return `${Math.max(1, Math.round(hours * 60))} min`;
  if (hours < 48) return t`${Math.round(hours)} h`;
  const days = Math.round(hours / 24);
  return days < 120 ? t`${days} days` : t`${Math.round(days / 30.4)} months`;
}

/** How late something is: "6 days late", "3 h late"; null while it is not, or by under an hour. */
export function lateBy(until: number, now: number): string | null {
  const hours = (now - until) / hourMs;
  return hours < 1
    ? null
    : t`${duration(hours).replace(/^(\d+) h$/, (_, n: string) => (n === '1' ? t`1 hour` : t`${n} hours`))} late`;
}

const numbers = [t`Nothing`, t`One`, t`Two`, t`Three`, t`Four`, t`Five`, t`Six`, t`Seven`, t`Eight`, t`Nine`];
export const inWords = (count: number): string => numbers[count] ?? String(count);

/** Rounds an instant to the quarter hour, since nobody chills to the minute. */
export const quarter = (instant: number): number => Math.round(instant / 900_000) * 900_000;

/**
 * A latest moment as it is said: "before bed" when it is the last moment anybody is up, else "by 18:15".
 *
 * @param bedMinute minute of the day at which the household goes to bed
 */
export function byWords(instant: number, now: number, bedMinute: number): string {
  const date = new Date(instant);
  if (Math.abs(date.getHours() * 60 + date.getMinutes() - bedMinute) > 1)
    return t`by ${moment(quarter(instant), now)}`;
  const day = moment(instant, now).replace(/ ?\d{1,2}:\d\d$/, '');
  return day === '' ? t`before bed` : t`before bed ${day}`;
}

/** The end of a window as it is said: the last moment before it at which somebody is up, or now when it is past. */
export function closesWords(instant: number, now: number, waking: WakingHours): string {
  if (quarter(instant) <= now) return t`now`;
  const awake = lastAwake(instant, waking);
  return byWords(awake > now ? awake : instant, now, waking.to);
}
