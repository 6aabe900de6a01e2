import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { betweenHours } from '@/core/forecast/run/hour-index';
import { vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';

const one = (value: number) => value.toFixed(1);

/** The middle of the fizz held at an hour, volumes. */
function fizzAt({ hours, series }: LotAnswer, hour: number): number {
  const { index, share } = betweenHours(hours, hour);
  const before = series.fizz[index]?.[2] ?? 0;
  return before + share * ((series.fizz[index + 1]?.[2] ?? before) - before);
}

/** What drives a chill window, in one clause a maker can check. */
export function chillReason(answer: LotAnswer, vessel: VesselId, celsius: number, careful = true): string {
  const warm = `at ${one(celsius)} °C`;
  const { chill, wantedVolumes, limitBar } = answer;
  if (!chill || limitBar === null) return '';
  switch (chill.closes) {
    case 'strength':
      if (answer.advice)
        return `${warm} what may burst outweighs the fizz still to come; it then likely holds ${one(fizzAt(answer, chill.latest))} of ${one(wantedVolumes)} volumes.`;
      return `${warm} the chance that one of the batch bursts reaches ${careful ? '1 in 200' : '1 in 50'} then, what you accept of glass this old.`;
    case 'limit':
      return chill.reached
        ? `${warm} ${careful ? 'one batch in twenty passes' : 'half of such batches pass'} ${one(limitBar)} bar, what ${vesselKind(vessel).name.toLowerCase()} is good for, from then on.`
        : `${warm} ${careful ? 'one in twenty' : 'half of them'} is past ${one(limitBar)} bar then, though it likely holds only ${one(fizzAt(answer, chill.latest))} of the ${one(wantedVolumes)} volumes wanted: chilled in time and on the flat side, or look again before.`;
    case 'alcohol':
      return `${warm} its alcohol passes what you want no drink to pass from then on, in one kitchen of four or more.`;
    case 'fizz':
      if (answer.advice)
        return `${warm} it then likely holds ${one(fizzAt(answer, chill.latest))} of ${one(wantedVolumes)} volumes; later it is livelier and drier than you want.`;
      return `${warm} it passes ${one(wantedVolumes * 1.25)} volumes then, a quarter more than you want.`;
    case 'beyond-forecast':
      return `${warm} it stays under the limit as far as the forecast looks.`;
  }
}

/** What a forecast was driven by, in a sentence. */
export function drivers(celsius: number, sugar: number, readings: number): string {
  const seen =
    readings === 0
      ? 'no reading yet, so the range is wide'
      : readings === 1
        ? '1 reading'
        : `${readings} readings`;
  return `Driven by ${one(celsius)} °C, ${Math.round(sugar)} g/L of sugar and the starter; ${seen}.`;
}
