import { format } from 'date-fns/format';

const hourMs = 3_600_000;

/** The clock every ribbon on a page shares: from half a day back to a day and a half ahead. */
export const ribbonClock = (now: number) => ({ start: now - 10 * hourMs, end: now + 38 * hourMs });

/**
 * Labels that sit on their moments: noons and midnights inside the span, and now.
 * @returns in order of time; those too near an edge or to now are left out
 */
export function ribbonTicks(start: number, end: number, now: number): { at: number; label: string }[] {
  const first = new Date(start);
  first.setHours(0, 0, 0, 0);
  const ticks: { at: number; label: string }[] = [];
  for (let day = 0; day < 5; day++) {
    for (const hour of [0, 12]) {
      const moment = new Date(first);
      moment.setDate(first.getDate() + day);
      moment.setHours(hour);
      const at = moment.getTime();
      const roomy = at - start > (end - start) * 0.09 && end - at > (end - start) * 0.09;
      if (roomy && Math.abs(at - now) > (end - start) * 0.13) {
        ticks.push({ at, label: hour === 0 ? 'midnight' : format(at, 'EEE') + ' noon' });
      }
    }
  }
  return [...ticks, { at: now, label: 'now' }].sort((a, b) => a.at - b.at);
}
