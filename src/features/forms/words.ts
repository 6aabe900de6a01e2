import { format } from 'date-fns/format';

const dayMs = 86_400_000;

const startOfDay = (instant: number) => new Date(instant).setHours(0, 0, 0, 0);

/** A moment as people say it: "21:30", "tomorrow 9:00", "Thu 14:00", "3 May 8:00". */
export function moment(instant: number, now: number): string {
  const days = Math.round((startOfDay(instant) - startOfDay(now)) / dayMs);
  const clock = format(instant, 'H:mm');
  if (days === 0) return clock;
  if (days === 1) return `tomorrow ${clock}`;
  if (days === -1) return `yesterday ${clock}`;
  return Math.abs(days) < 6 ? format(instant, 'EEE H:mm') : format(instant, 'd MMM H:mm');
}

/** A span of waiting: "40 min", "7 h", "3 days". */
export function duration(hours: number): string {
  if (hours < 1) return `${Math.max(1, Math.round(hours * 60))} min`;
  if (hours < 48) return `${Math.round(hours)} h`;
  return `${Math.round(hours / 24)} days`;
}

export const plural = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;

const numbers = ['Nothing', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];
export const inWords = (count: number): string => numbers[count] ?? String(count);

/** Rounds an instant to the quarter hour, since nobody chills to the minute. */
export const quarter = (instant: number): number => Math.round(instant / 900_000) * 900_000;
