import type { IngredientFamily } from '../matter/ingredient';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, isPoured, mlOfPortion, type Portion } from '../matter/portion';

/** What a shop sells of a family at least, g, or ml of what is poured; more comes in as many. Practice. */
const sizes: Readonly<Record<IngredientFamily, number>> = {
  water: 1000,
  sugar: 500,
  syrup: 250,
  fruit: 250,
  juice: 1000,
  puree: 500,
  tea: 50,
  ginger: 100,
  citrus: 100,
  dairy: 500,
  mineral: 100,
  salt: 500,
  spice: 20,
  herb: 20,
  flower: 20,
  vegetable: 250,
  culture: 5,
};

/**
 * An amount as it is bought: rounded up to whole packets of its kind.
 *
 * @example boughtAs({ what: 'white-sugar', grams: 620 }) // { what: 'white-sugar', grams: 1000 }
 */
export function boughtAs(portion: Portion): Portion {
  const { what } = portion;
  const size = sizes[ingredientOf(what).family];
  const up = (amount: number) => Math.max(1, Math.ceil(amount / size - 1e-9)) * size;
  return isPoured(what)
    ? { what, ml: up(mlOfPortion(portion)) }
    : { what, grams: up(gramsOfPortion(portion)) };
}
