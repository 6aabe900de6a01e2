import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { eveningBefore } from '@/core/kitchen/waking';
import { fizzWords } from '../fizz';
import { moment, quarter } from '../moment';
import { hourMs } from '@/core/duration';
import { plural, t } from '@/core/language/t';

const one = (value: number) => value.toFixed(1);

/** How long a chilled bottle keeps: what to do by when, and because of what. Estimates, said as such. */
export function keepingWords(
  answer: LotAnswer,
  now: number,
): { readonly title: string; readonly because: string } | null {
  const { keeping, limitBar, wantedVolumes, start } = answer;
  if (!keeping || limitBar === null) return null;
  const at = start + keeping.openBy * hourMs;
  const by = moment(quarter(eveningBefore(at, now)), now);
  switch (keeping.closes) {
    case 'limit':
      return {
        title: at <= now ? t`Open it soon, cold and slowly` : t`Open by ${by}`,
        because: t`even cold it goes on: ${at <= now ? t`by now` : t`by then`} one in twenty like it is past ${one(limitBar)} bar, its limit.`,
      };
    case 'fizz':
      return {
        title: at <= now ? t`Open it soon, cold and slowly` : t`Open by ${by}`,
        because: t`even cold it goes on: ${at <= now ? t`by now` : t`by then`} it is likely ${fizzWords(wantedVolumes * 1.5)}, and would gush.`,
      };
    case 'beyond-forecast':
      return {
        title: t`Good cold until ${by} at least`,
        because: t`it goes on slowly; the chance that it passes ${one(limitBar)} bar by then is about ${percent(keeping.chanceAtEnd)}.`,
      };
  }
}

const percent = (share: number) =>
  share < 0.005 ? t`one in two hundred or less` : `${Math.round(100 * share)} %`;

/** What a chilled bottle would come to on the counter again, and when. */
export function counterWords({
  keeping,
  limitBar,
}: LotAnswer): { readonly text: string; readonly danger: boolean } | null {
  if (!keeping || limitBar === null) return null;
  const { celsius, gaugeAfterDay, limitHours } = keeping.counter;
  const [low, , middle, , high] = gaugeAfterDay;
  const reach = t`Back at ${one(celsius)} °C it would come to about ${one(middle)} bar (${one(low)}–${one(high)} bar) within a day.`;
  const [soon, half] = limitHours;
  if (!Number.isFinite(soon))
    return { text: t`${reach} It stays under ${one(limitBar)} bar for four days there.`, danger: false };
  const first =
    soon < 1
      ? t`One in twenty like it is past the ${one(limitBar)} bar it is good for as soon as it is warm`
      : t`One in twenty like it is past the ${one(limitBar)} bar it is good for after ${hoursWords(soon)}`;
  const then = Number.isFinite(half) ? t`, half of them after ${hoursWords(Math.max(1, half))}.` : '.';
  return { text: `${reach} ${first}${then}`, danger: soon < 48 };
}

const hoursWords = (hours: number) =>
  hours < 36 ? plural(Math.round(hours), 'hour') : plural(Math.round(hours / 24), 'day');
