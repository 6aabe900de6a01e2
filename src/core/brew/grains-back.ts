import { knownCultures, type CultureTable } from '../cultures/registry';
import type { Lot } from '../lots/lot';
import { solidGrams } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { sensibleGrams, sensibleMillilitres } from '../measures/sensible';

/** Grains that lie in a brew, and the fresh sugar water they go back into. */
export interface GrainsBack {
  readonly solid: string;
  readonly grams: number;
  readonly portions: readonly Portion[];
}

/**
 * The grains of a brew with fresh sugar water for them, as their kind is begun: the middle of its range of grains a litre.
 *
 * @param cultureId what it was pitched with
 * @returns null when no grains lie in it
 * @example // 60 g of grains: a litre of water and 60 g of raw cane sugar
 */
export function grainsBack(
  lot: Pick<Lot, 'contents'>,
  cultureId: string | null,
  cultures: CultureTable = knownCultures,
): GrainsBack | null {
  const culture = cultures(cultureId);
  const begin = culture?.unit === 'g' && culture.keeping?.renews ? culture.keeping.begin : null;
  const solid = begin?.body;
  const grams = solid ? solidGrams(lot.contents, solid) : 0;
  if (!culture?.keeping || !solid || grams < 1) return null;
  const waterMl = sensibleMillilitres((grams / culture.dose.usual) * 1000);
  return {
    solid,
    grams,
    portions: [
      { what: 'water', ml: waterMl },
      { what: 'cane-sugar', grams: sensibleGrams(waterMl * culture.keeping.feed.sugarShare) },
    ],
  };
}
