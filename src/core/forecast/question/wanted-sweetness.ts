import { volumesPerSugarGram } from '../../gas/potential';
import { movedBy, type Lot } from '../../lots/lot';
import { fermentableGrams, volumeOf } from '../../matter/substances';
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
 *
 * @param dosed what goes into the bottle beside it, g/L: juice in a second ferment is there to be tasted; what primes a dry brew is not
 */
export function pouredSweetness(lot: Lot, ask: LiquidAsk, liked: Habits['liked'] = null, dosed = 0): number {
  if (isLong(lot)) return mixedSugar(lot, ask) * leftAtLast;
  const mixed = mixedSugar(lot, ask) + dosed;
  const planned = mixed * leftForDrinking;
  return liked ? planned + liked.share * (Math.min(mixed, liked.sweetness) - planned) : planned;
}

/** Sugar that was put into a bottle itself, g per litre of what is in it. */
export function dosedSugar({ events }: Pick<Lot, 'events'>): number {
  let [grams, ml] = [0, 0];
  for (const event of events) {
    if (event.kind !== 'added' && event.kind !== 'came') continue;
    const { liquid } = movedBy(event);
    ml += volumeOf(liquid);
    if (event.kind === 'added') grams += fermentableGrams(liquid);
  }
  return ml > 0 ? (1000 * grams) / ml : 0;
}

/** Of the sugar it began with, what is meant to be tasted in the end: two thirds; of a long, dry ferment a tenth. Practice. */
const leftForDrinking = 0.66;
const leftAtLast = 0.1;
/** From so many days of first ferment a brew is meant to end dry. */
const longDays = 10;

/** Whether a brew is meant to lie until it is dry. */
const isLong = ({ recipe }: Pick<Lot, 'recipe'>): boolean => (recipe?.method?.days[0] ?? 0) >= longDays;
