import { volumesPerSugarGram } from '../gas/potential';
import type { Lot } from '../lots/lot';
import { mixedSugar } from './liquid-sugar';
import type { LiquidAsk } from './root-ferment';

/**
 * Sweetness at which to bottle so that the fizz still to come leaves the drink about two thirds as sweet as it began.
 *
 * @param wantedVolumes 0.5–5
 * @returns g/L as sucrose
 * @example // a 90 g/L batch wanting 2.5 volumes is bottled near 69 g/L
 */
export const bottlingSweetness = (lot: Lot, wantedVolumes: number, ask: LiquidAsk): number =>
  Math.max(10, pouredSweetness(lot, ask) + wantedVolumes / volumesPerSugarGram);

/** Sweetness that is meant to be tasted in the end, g/L as sucrose. */
export const pouredSweetness = (lot: Lot, ask: LiquidAsk): number =>
  mixedSugar(lot, ask) * (isLong(lot) ? leftAtLast : leftForDrinking);

/** Of the sugar it began with, what is meant to be tasted in the end: two thirds; of a long, dry ferment a tenth. Practice. */
const leftForDrinking = 0.66;
const leftAtLast = 0.1;
/** From so many days of first ferment a brew is meant to end dry. */
const longDays = 10;

/** Whether a brew is meant to lie until it is dry. */
const isLong = ({ recipe }: Pick<Lot, 'recipe'>): boolean => (recipe?.method?.days[0] ?? 0) >= longDays;
