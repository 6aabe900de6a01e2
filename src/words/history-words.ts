import type { StarterAnswer } from '@/core/forecast/starter-answer';
import type { JarHistory } from '@/core/starter/jar-history';
import { volume } from './amounts';
import { plural } from './moment';

/** A jar's weeks in a sentence, for who does not see the chart. */
export function historyWords(
  history: JarHistory,
  answer: StarterAnswer | null,
  start: number,
  now: number,
): string {
  const within = history.deeds.filter(({ at }) => at >= start && at <= now);
  const count = (deed: string) => within.filter((each) => each.deed === deed).length;
  const levels = history.levels.filter(({ at }) => at <= now).map(({ value }) => value);
  const level = levels.at(-1) ?? 0;
  const sugar = answer ? nearest(answer, now) : null;
  return `${plural(count('fed'), 'feed')}, ${plural(count('drawn'), 'draw')} and ${plural(count('looked'), 'look')} in this time; ${volume(Math.round(level))} in the jar now${sugar === null ? '' : `, about ${Math.round(sugar)} g of sugar a litre left`}.`;
}

function nearest({ start, hours, sugar }: StarterAnswer, now: number): number {
  const hour = (now - start) / 3_600_000;
  const index = hours.findIndex((each) => each >= hour);
  return sugar[index < 0 ? sugar.length - 1 : index]![2];
}
