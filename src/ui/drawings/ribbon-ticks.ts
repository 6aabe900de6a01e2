import { format } from 'date-fns/format';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** The clock every ribbon on a page shares: from half a day back to a day and a half ahead. */
export const ribbonClock = (now: number) => ({ start: now - 10 * hourMs, end: now + 38 * hourMs });

/** Labels nearer to each other than this share of a ribbon of usual width would touch; of a narrow one they are so many px apart. */
const usualApart = 0.22;
const labelPx = 76;

/** Which noons and midnights are marked: both on a short ribbon, every so many noons on a long one. */
function marksOf(
  span: number,
  apart: number,
): { readonly hours: readonly number[]; readonly everyDays: number } {
  const halfDay = 12 * hourMs;
  if (halfDay >= apart * span) return { hours: [0, 12], everyDays: 1 };
  return { hours: [12], everyDays: Math.max(1, Math.ceil((apart * span) / (2 * halfDay))) };
}

/**
 * Labels that sit on their moments: noons and midnights inside the span, fewer on a long one, and now.
 *
 * @param px how wide the ribbon is
 * @returns in order of time; those too near an edge or to now are left out
 */
export function ribbonTicks(
  start: number,
  end: number,
  now: number,
  px = Infinity,
): { at: number; label: string }[] {
  const first = new Date(start);
  first.setHours(0, 0, 0, 0);
  const span = end - start;
  const apart = Math.max(usualApart, labelPx / px);
  const { hours, everyDays } = marksOf(span, apart);
  const ticks: { at: number; label: string }[] = [];
  for (let day = 0; day <= Math.ceil(span / (24 * hourMs)); day += everyDays) {
    for (const hour of hours) {
      const moment = new Date(first);
      moment.setDate(first.getDate() + day);
      moment.setHours(hour);
      const at = moment.getTime();
      const roomy = at - start > span * 0.09 && end - at > span * 0.09;
      if (roomy && Math.abs(at - now) > span * 0.6 * apart)
        ticks.push({ at, label: hour === 0 ? t`midnight` : t`${format(at, 'EEE')} noon` });
    }
  }
  return [...ticks, { at: now, label: t`now` }].sort((a, b) => a.at - b.at);
}
