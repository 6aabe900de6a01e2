import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, isPoured, mlOfPortion, type Portion } from '../matter/portion';
import type { Prices } from '../settings/price';

export interface Cost {
  readonly perLitre: number;
  readonly total: number;
  /** What has no price yet, by ingredient; water is free. */
  readonly unpriced: readonly string[];
}

/**
 * What a batch costs by the maker's own prices.
 *
 * @param ml of the batch, above 0
 * @example costOf([{ what: 'white-sugar', grams: 200 }], 2000, { 'white-sugar': 1.5 }).perLitre // 0.15
 */
export function costOf(portions: readonly Portion[], ml: number, prices: Prices): Cost {
  const bought = portions.filter(({ what }) => ingredientOf(what).id !== 'water');
  const total = bought.reduce((sum, portion) => {
    const size = isPoured(portion.what) ? mlOfPortion(portion) : gramsOfPortion(portion);
    return sum + (size / 1000) * (prices[portion.what] ?? 0);
  }, 0);
  return {
    total,
    perLitre: (total / ml) * 1000,
    unpriced: [...new Set(bought.map(({ what }) => what).filter((what) => prices[what] === undefined))],
  };
}
