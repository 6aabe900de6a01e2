import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { betweenHours } from '@/core/forecast/run/hour-index';
import { fizzWord, fizzWords } from '../fizz';
import { vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';
import { t } from '@/core/language/t';

const one = (value: number) => value.toFixed(1);

/** The middle of the fizz held at an hour, volumes. */
function fizzAt({ hours, series }: LotAnswer, hour: number): number {
  const { index, share } = betweenHours(hours, hour);
  const before = series.fizz[index]?.[2] ?? 0;
  return before + share * ((series.fizz[index + 1]?.[2] ?? before) - before);
}

/** What drives a chill window, in one clause a maker can check. */
export function chillReason(answer: LotAnswer, vessel: VesselId, celsius: number, careful = true): string {
  const warm = t`at ${one(celsius)} °C`;
  const { chill, wantedVolumes, limitBar } = answer;
  if (!chill || limitBar === null) return '';
  switch (chill.closes) {
    case 'strength':
      if (answer.advice)
        return t`${warm} what may burst outweighs the fizz still to come. Its fizz is then likely ${fizzWords(fizzAt(answer, chill.latest))}; ${fizzWord(wantedVolumes)} is wanted.`;
      return t`${warm} the batch loses a bottle in ${careful ? t`one case of 200` : t`one case of 50`} then, all that you accept.`;
    case 'limit':
      return chill.reached
        ? t`${warm} ${careful ? t`one batch in twenty passes` : t`half of such batches pass`} ${one(limitBar)} bar, what ${vesselKind(vessel).name.toLowerCase()} is good for, from then on.`
        : t`${warm} ${careful ? t`one in twenty` : t`half of them`} is past ${one(limitBar)} bar then. Its fizz is likely only ${fizzWords(fizzAt(answer, chill.latest))}: chill it on the flat side, or look before.`;
    case 'alcohol':
      return t`${warm} its alcohol passes your ceiling from then on, at one chance in four or more.`;
    case 'fizz':
      if (answer.advice)
        return t`${warm} its fizz is then likely ${fizzWords(fizzAt(answer, chill.latest))}; later it is livelier and drier than you want.`;
      return t`${warm} it is ${fizzWords(wantedVolumes * 1.25)} from then on, a quarter more than you want.`;
    case 'beyond-forecast':
      return t`${warm} it stays under the limit as far as the forecast looks.`;
  }
}

/** What a forecast was driven by, in a sentence. */
export function drivers(celsius: number, sugar: number, readings: number): string {
  const seen =
    readings === 0
      ? t`no reading yet, so the range is wide`
      : readings === 1
        ? t`1 reading`
        : t`${readings} readings`;
  return t`Driven by ${one(celsius)} °C, ${Math.round(sugar)} g/L of sugar and the starter; ${seen}.`;
}

/** Why a first ferment is tasted when it is: to be bottled, or to be chilled in its jar. */
export const tasteReason = (inJar: boolean): string =>
  inJar
    ? t`its sugar is then eaten far enough, and cold all but stops it there.`
    : t`its sugar is then eaten far enough, and what is left makes the fizz and some sweetness.`;
