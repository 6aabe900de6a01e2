import { cardinal, temperatureResponse } from '@/core/ferment/relations/cardinal-temperature';
import { usualKitchen } from '@/core/forecast/ensemble/unknowns';
import type { Learned } from '@/core/forecast/ensemble/lessons';
import { plural, t } from '@/core/language/t';

/** Below these a lesson is not worth a sentence. */
const worthSaying = { pace: 0.03, degrees: 0.3 } as const;

const percent = (share: number) => `${Math.round(Math.abs(share) * 100)} %`;
const degrees = (value: number) => t`${Math.abs(value).toFixed(1)} °C`;

/** How much faster (above 1) a ferment goes when it is so many degrees warmer than written. */
const paceWith = (celsius: number, more: number) =>
  temperatureResponse(celsius + more, cardinal.yeast) /
  Math.max(0.001, temperatureResponse(celsius, cardinal.yeast));

/**
 * What finished batches taught, and what it does to the next forecast, in sentences; none when they taught nothing.
 *
 * @param celsius of the place the next one will stand in
 */
export function lessonWords(learned: Learned, celsius: number): string[] {
  const { offset, fridge } = learned.kitchen;
  const out: string[] = [];
  if (learned.batches > 0)
    out.push(
      t`Learned from ${plural(learned.batches, 'finished batch', 'finished batches')}: about ${Math.round(learned.vigour * 100)} % (± ${percent(learned.spread)}) of the usual vigour.`,
    );
  if (Math.abs(offset.mean) >= worthSaying.degrees)
    out.push(
      offset.mean > 0
        ? t`The room seems ${degrees(offset.mean)} warmer than written, give or take ${degrees(offset.deviation)}.`
        : t`The room seems ${degrees(offset.mean)} cooler than written, give or take ${degrees(offset.deviation)}.`,
    );
  if (Math.abs(fridge.mean) >= worthSaying.degrees)
    out.push(
      fridge.mean > 0
        ? t`The fridge seems ${degrees(fridge.mean)} warmer than written, give or take ${degrees(fridge.deviation)}: bottles there go on faster, and keep less long.`
        : t`The fridge seems ${degrees(fridge.mean)} colder than written, give or take ${degrees(fridge.deviation)}: bottles there go on more slowly.`,
    );
  const pace = learned.vigour * paceWith(celsius, offset.mean);
  if (out.length > 0 && Math.abs(1 - 1 / pace) >= worthSaying.pace)
    out.push(
      pace > 1
        ? t`The next one is therefore expected about ${percent(1 - 1 / pace)} sooner than if nothing were known.`
        : t`The next one is therefore expected about ${percent(1 - 1 / pace)} later than if nothing were known.`,
    );
  const narrower = 1 - offset.deviation / usualKitchen.offset.deviation;
  if (out.length > 0 && narrower >= 0.1) out.push(t`Its temperature is known ${percent(narrower)} closer.`);
  return out;
}
