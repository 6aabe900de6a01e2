import type { JarHistory } from '@/core/starter/jar-history';
import { volume } from '../amounts';
import { plural } from '../moment';

/** A jar's weeks in a sentence, for who does not see the chart. @param sugarLeft g/L in its liquid now; null when not known */
export function historyWords(
  history: JarHistory,
  sugarLeft: number | null,
  start: number,
  now: number,
): string {
  const within = history.deeds.filter(({ at }) => at >= start && at <= now);
  const count = (deed: string) => within.filter((each) => each.deed === deed).length;
  const levels = history.levels.filter(({ at }) => at <= now).map(({ value }) => value);
  const level = levels.at(-1) ?? 0;
  return `${plural(count('fed'), 'feed')}, ${plural(count('drawn'), 'draw')} and ${plural(count('looked'), 'look')} in this time; ${volume(Math.round(level))} in the jar now${sugarLeft === null ? '' : `, about ${Math.round(sugarLeft)} g of sugar a litre left`}.`;
}
