import type { TodayTask } from '../today/today.ts';
import type { UsualAbsence } from '../../src/core/kitchen/absence.ts';
import { dayMs, hourMs } from '../../src/core/duration.ts';

/** A household's week: when it is at home, and what it puts off. */

/** At home from seven to eight and from half past five on working days, all day at weekends; up until half past ten. */
function isHome(at: number): boolean {
  const date = new Date(at);
  const hour = date.getHours() + date.getMinutes() / 60;
  if (hour < 7 || hour > 22.5) return false;
  return date.getDay() % 6 === 0 || hour < 8 || hour >= 17.5;
}

export function homeFrom(at: number): number {
  let then = at;
  while (!isHome(then)) then += hourMs / 4;
  return then;
}

/** The same as the household says it of itself. */
export const atWork: UsualAbsence = {
  weekdays: null,
  weekends: null,
  said: { days: [1, 2, 3, 4, 5], span: [8 * 60, 17.5 * 60] },
};

/** The working hours of so many days, as a household tells them to its plan. */
export const workWeek = (now: number, days: number): { from: number; until: number }[] =>
  Array.from({ length: days }, (_, i) => new Date(now + i * dayMs))
    .filter((day) => day.getDay() % 6 !== 0)
    .map((day) => ({
      from: new Date(day).setHours(8, 0, 0, 0),
      until: new Date(day).setHours(17, 30, 0, 0),
    }));

/** Tasks that are put off until, by id and hour. */
export type PutOff = Map<string, number>;

/** What is due is forgotten one time in fifteen, until Today is next looked at of a morning or an evening, and done hours late one time in five. */
export function isPutOff(putOff: PutOff, task: TodayTask, now: number, uniform: () => number): boolean {
  const key = `${task.id} ${task.from.slice(0, 13)}`;
  if (!putOff.has(key)) {
    const luck = uniform();
    putOff.set(
      key,
      luck < 1 / 15 ? now + 8 * hourMs : luck < 1 / 15 + 1 / 5 ? now + (1 + 4 * uniform()) * hourMs : now,
    );
  }
  return now < putOff.get(key)!;
}
