import { volumesPerSugarGram } from '../../gas/potential';
import type { Lot } from '../../lots/lot';
import { mixedSugar } from './living-liquid';
import type { Habits } from './habits';
import type { LiquidAsk } from './root-ferment';

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
  ask: LiquidAsk,
  liked: Habits['liked'] = null,
): number => Math.max(10, pouredSweetness(lot, ask, liked) + wantedVolumes / volumesPerSugarGram);

/**
 * Sweetness that is meant to be tasted in the end, g/L as sucrose: the plan's, drawn towards what the household likes the more
 * the more it scored; never more than is in it.
 */
export function pouredSweetness(lot: Lot, ask: LiquidAsk, liked: Habits['liked'] = null): number {
  const mixed = mixedSugar(lot, ask);
  if (isLong(lot)) return mixed * leftAtLast;
  const planned = mixed * leftForDrinking;
  return liked ? planned + liked.share * (Math.min(mixed, liked.sweetness) - planned) : planned;
}

/** Of the sugar it began with, what is meant to be tasted in the end: two thirds; of a long, dry ferment a tenth. Practice. */
const leftForDrinking = 0.66;
const leftAtLast = 0.1;
/** From so many days of first ferment a brew is meant to end dry. */
const longDays = 10;

/** Whether a brew is meant to lie until it is dry. */
const isLong = ({ recipe }: Pick<Lot, 'recipe'>): boolean => (recipe?.method?.days[0] ?? 0) >= longDays;
