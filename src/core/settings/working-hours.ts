import { z } from 'zod';
import { onClock } from '../calendar';
import { dayMs } from '../duration';
import type { Busy } from '../kitchen/busy';
import type { ReadOnly } from '../read-only';
import { settingOf, type Holds } from './holds';

const minute = z
  .number()
  .min(0)
  .max(24 * 60);

/** Hours of some weekdays at which nobody is in the kitchen; minutes of the day from midnight, weekdays from Sunday as 0. */
export const WorkingRecord = z.strictObject({
  weekdays: z.array(z.number().int().min(0).max(6)).max(7),
  from: minute,
  to: minute,
});
type WorkingSetting = ReadOnly<z.infer<typeof WorkingRecord>>;

export const example: WorkingSetting = { weekdays: [1, 2, 3, 4, 5], from: 510, to: 1020 };

/** A household has one, under this key. */
export const workingKey = 'working';

/** What is proposed before anything is said: no day. */
const usualWorking: WorkingSetting = { weekdays: [], from: 510, to: 1020 };

export const workingOf = (household: Holds<'working', WorkingSetting>): WorkingSetting =>
  settingOf(household, 'working', workingKey) ?? usualWorking;

/** The working hours of the coming days as spans, in order. @param days how many, today among them */
export function workingSpans(household: Holds<'working', WorkingSetting>, now: number, days: number): Busy[] {
  const { weekdays, from, to } = workingOf(household);
  if (!(to > from)) return [];
  return Array.from({ length: days }, (_, i) => onClock(now, 12 * 60) + i * dayMs)
    .filter((noon) => weekdays.includes(new Date(noon).getDay()))
    .map((noon) => ({ from: onClock(noon, from), until: onClock(noon, to) }))
    .filter(({ until }) => until > now);
}
