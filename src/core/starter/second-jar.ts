import { knownCultures, type CultureTable } from '../cultures/registry';
import type { Lot } from '../lots/lot';
import type { Portion } from '../matter/portion';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';

import { keptCulture, usualSweetener } from './feed-plan';
import { fullestShare } from '../vessels/vessel';

/** What a second jar of grains takes: sugar water for as many as go in, and a jar that holds it. */
export interface SecondJar {
  readonly portions: readonly Portion[];
  readonly jarMl: number;
}

/** Less water than this dries up before the cycle is over, ml: practice. */
const leastWaterMl = 100;

/**
 * A second jar for grains taken off: the usual grains a litre, sweetened as the first jar is.
 *
 * @param grams of grains, above 0
 * @returns null for what is no jar of grains
 * @example // 60 g at the usual 60 g/L: a litre of water with 60 g of sugar, in a jar of 1.2 L
 */
export function secondJar(lot: Lot, grams: number, cultures: CultureTable = knownCultures): SecondJar | null {
  const culture = keptCulture(lot, cultures);
  if (!culture || culture.unit !== 'g') return null;
  const ml = sensibleMillilitres(Math.max(leastWaterMl, (grams / culture.dose.usual) * 1000));
  const sugar = sensibleGrams(ml * culture.keeping.feed.sugarShare);
  return {
    portions: [
      { what: 'water', ml },
      { what: usualSweetener(lot), grams: sugar },
    ],
    jarMl: Math.ceil((ml + sugar + grams) / fullestShare / 50) * 50,
  };
}
