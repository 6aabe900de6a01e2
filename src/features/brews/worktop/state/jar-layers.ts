import { ingredientOf } from '@/core/matter/ingredients/registry';
import { gramsOfPortion, mlOfPortion, type Portion } from '@/core/matter/portion';
import type { JarLayer } from '@/ui/drawings/worktop-jar';
import { drinkColour, ingredientColour } from '@/ui/theme/ingredient-colours';

const dissolved = ['syrup', 'juice', 'puree', 'citrus', 'dairy', 'sugar'];

/** Portions as the layers of a jar: what lies in pieces lowest, then what is poured, and over all the water, tinted by what steeps in it. */
export function jarLayers(portions: readonly Portion[], waterMl: number): JarLayer[] {
  const layers = portions.map((portion, i): JarLayer => {
    const { family } = ingredientOf(portion.what);
    return {
      key: `${portion.what}-${i}`,
      ml: mlOfPortion(portion),
      colour: ingredientColour(portion.what, family),
      pieces: !dissolved.includes(family),
    };
  });
  const tinting = portions.map((portion) => ({
    id: portion.what,
    family: ingredientOf(portion.what).family,
    grams: gramsOfPortion(portion),
  }));
  const water: JarLayer = {
    key: 'water',
    ml: Math.max(0, waterMl),
    colour: drinkColour(tinting, waterMl),
    pieces: false,
  };
  return [...layers.filter(({ pieces }) => pieces), ...layers.filter(({ pieces }) => !pieces), water];
}
