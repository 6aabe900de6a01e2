import { madeWith } from '@/core/lots/made-with';
import type { LotFinder } from '@/core/lots/pitch';
import type { Lot } from '@/core/lots/lot';
import { ingredientOf } from '@/core/matter/ingredients/registry';
import { drinkColour } from '@/ui/theme/ingredient-colours';

const known = new WeakMap<Lot, string>();

/** Colour of a lot's liquid, from what it and what it came from were made with; worked out once for a lot as it stands. */
export function liquidColour(lot: Lot, find: LotFinder): string {
  const before = known.get(lot);
  if (before) return before;
  const parts = madeWith(lot, find).map(({ what, grams }) => ({
    id: what,
    family: ingredientOf(what).family,
    grams,
  }));
  const water = parts.reduce((sum, { family, grams }) => sum + (family === 'water' ? grams : 0), 0);
  const colour = drinkColour(parts, Math.max(water, 1));
  known.set(lot, colour);
  return colour;
}
