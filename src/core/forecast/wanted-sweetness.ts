import { knownCultures, type CultureTable } from '../cultures/registry';
import { volumesPerSugarGram } from '../gas/potential';
import { movedBy, type Lot } from '../lots/lot';
import { fermentableGrams, volumeOf } from '../matter/substances';

/**
 * Sugar a brew was mixed with, g per litre of its liquid: what was added exactly, of a living dose the sugar it still has.
 * What has fermented away since is the forecast's business.
 */
export function mixedSugar(lot: Lot, cultures: CultureTable = knownCultures): number {
  let grams = 0;
  let ml = 0;
  const residual = cultures(lot.culture)?.residualSugar ?? 0;
  for (const event of lot.events) {
    if (event.kind !== 'added' && event.kind !== 'came') continue;
    const volume = volumeOf(movedBy(event).liquid);
    ml += volume;
    grams +=
      event.kind === 'came' && lot.culture
        ? (volume / 1000) * residual
        : fermentableGrams(movedBy(event).liquid);
  }
  return ml > 0 ? (grams / ml) * 1000 : 0;
}

/**
 * Sweetness at which to bottle so that the fizz still to come leaves the drink about two thirds as sweet as it began.
 *
 * @param wantedVolumes 0.5–5
 * @returns g/L as sucrose
 * @example // a 90 g/L batch wanting 2.5 volumes is bottled near 69 g/L
 */
export const bottlingSweetness = (
  lot: Lot,
  wantedVolumes: number,
  cultures: CultureTable = knownCultures,
): number =>
  Math.max(
    10,
    mixedSugar(lot, cultures) * (isLong(lot) ? leftAtLast : leftForDrinking) +
      wantedVolumes / volumesPerSugarGram,
  );

/** Of the sugar it began with, what is meant to be tasted in the end: two thirds; of a long, dry ferment a tenth. Practice. */
const leftForDrinking = 0.66;
const leftAtLast = 0.1;
/** From so many days of first ferment a brew is meant to end dry. */
const longDays = 10;

/** Whether a brew is meant to lie until it is dry. */
const isLong = ({ recipe }: Pick<Lot, 'recipe'>): boolean => (recipe?.method?.days[0] ?? 0) >= longDays;
