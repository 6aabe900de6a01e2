import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import { betweenWords } from '../when';
import { duration, moment, quarter } from '../moment';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** The row of a series nearest to an hour. */
export function rowAtHour(
  answer: Pick<LotAnswer, 'hours'>,
  series: readonly FiveNumbers[],
  hour: number,
): FiveNumbers {
  let best = 0;
  answer.hours.forEach((each, i) => {
    if (Math.abs(each - hour) < Math.abs(answer.hours[best]! - hour)) best = i;
  });
  return series[best]!;
}

/** Alcohol as a range, low and high of nine kitchens in ten. @example "0.4–1.1 %" */
export const alcoholRange = (five: FiveNumbers): string => `${five[0].toFixed(1)}–${five[4].toFixed(1)} %`;

/** A window wider than this is tasted through day by day, hours. */
export const wideHours = 72;

/** When it would be tasted, pitched now, and how sweet it would be: one line. */
export function tasteWords(answer: LotAnswer, now: number): string {
  const taste = answer.taste!;
  const end = answer.hours.at(-1)!;
  if (taste.earliest >= end - 1) return t`Still sweet after ${duration(end)}`;
  const at = (hour: number) => now + hour * hourMs;
  const sweet = rowAtHour(answer, answer.series.sweet, taste.best);
  return t`Taste ${betweenWords(at(taste.earliest), at(taste.latest), now)}, about ${Math.round(sweet[2])} g/L sweet`;
}

/** What would come of what is on the worktop, if it were pitched now. */
export function composedWords(answer: LotAnswer, now: number): string {
  const taste = answer.taste!;
  const end = answer.hours.at(-1)!;
  const at = (hour: number) => moment(quarter(now + hour * hourMs), now);
  const forgotten = alcoholRange(rowAtHour(answer, answer.series.alcohol, end));
  if (taste.earliest >= end - 1)
    return t`Pitched now, still sweet after ${duration(end)}: a longer ferment than the forecast follows; ${forgotten} alcohol by then.`;
  const sweet = rowAtHour(answer, answer.series.sweet, taste.best);
  const until = taste.latest >= end - 1 ? t`after ${at(end)}` : at(taste.latest);
  const from = at(taste.earliest);
  const daily = taste.latest - taste.earliest > wideHours ? t`, once a day` : '';
  const span = from === until ? t`about ${from}` : t`${from} to ${until}${daily}`;
  return t`Pitched now: taste ${span}, about ${Math.round(sweet[2])} g/L sweet, ${alcoholRange(rowAtHour(answer, answer.series.alcohol, taste.best))} alcohol; forgotten ${duration(end)}, ${forgotten}.`;
}
