import type { JarHistory } from '@/core/starter/jar-history';
import { volume } from '../amounts';
import { plural, t } from '@/core/language/t';

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
  return t`In this time: ${plural(count('fed'), 'feed')} and ${plural(count('drawn'), 'draw')}. ${plural(count('looked'), 'look')}. In the jar now: ${volume(Math.round(level))}${sugarLeft === null ? '' : t`, about ${Math.round(sugarLeft)} g/L of sugar left`}.`;
}
