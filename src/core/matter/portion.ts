import { ingredientOf } from './ingredients/registry';
import type { Contents } from './contents';
import { nothing, type Amounts, type Substance } from './substances';
import type { Form, Ingredient } from './ingredient';

/** An amount of an ingredient, as it was measured: by mass, or by volume. */
export interface Portion {
  readonly what: string;
  readonly grams?: number | undefined;
  readonly ml?: number | undefined;
  readonly form?: Form | undefined;
  /** What was typed, word for word. */
  readonly typed?: string | undefined;
}

const pourable: readonly Ingredient['family'][] = ['water', 'syrup', 'juice', 'puree', 'citrus', 'dairy'];

/**
 * What a level millilitre of an ingredient weighs.
 *
 * @param form how it is cut; its usual form when left out or unknown
 * @returns g/ml; exact to 1 % for liquids, about 15 % for what is cut
 * @example spoonGrams('white-sugar') // 0.85
 */
export function spoonGrams(what: string, form?: Form): number {
  const { spooned, density } = ingredientOf(what);
  return (form && spooned[form]) ?? Object.values(spooned)[0] ?? density;
}

/** Whether an ingredient is poured rather than spooned. */
export const isPoured = (what: string): boolean => {
  const { family, spooned } = ingredientOf(what);
  return pourable.includes(family) && ('liquid' in spooned || 'pureed' in spooned);
};

/** Mass of a portion, g. @example gramsOfPortion({ what: 'honey', ml: 100 }) // 142 */
export const gramsOfPortion = ({ what, grams, ml, form }: Portion): number =>
  grams ?? (ml ?? 0) * (isPoured(what) ? ingredientOf(what).density : spoonGrams(what, form));

/** Room a portion takes of its own, ml. @example Math.round(mlOfPortion({ what: 'honey', grams: 142 })) // 100 */
export const mlOfPortion = (portion: Portion): number =>
  portion.ml !== undefined && isPoured(portion.what)
    ? portion.ml
    : gramsOfPortion(portion) / ingredientOf(portion.what).density;

/** Fine forms give more of their juice. */
const givesMore: Readonly<Partial<Record<Form, number>>> = { grated: 0.2, pureed: 0.25, powdered: 0.1, whole: -0.2 };

/**
 * What a portion puts into a vessel: the water, sugars and acids it gives go into the liquid, the rest stays in the solid.
 *
 * @returns contents whose grams add up to the portion's, to rounding
 * @source composition tables of the ingredient; the share given is practice
 * @example Math.round(portionContents({ what: 'white-sugar', grams: 100 }).liquid.sucrose) // 100
 */
export function portionContents(portion: Portion): Contents {
  const { composition, gives, id } = ingredientOf(portion.what);
  const grams = gramsOfPortion(portion);
  const share = gives >= 1 || gives === 0 ? gives : Math.min(1, Math.max(0.05, gives + (portion.form ? (givesMore[portion.form] ?? 0) : 0))); // prettier-ignore
  const liquid: Record<Substance, number> = { ...nothing };
  const solid: Record<Substance, number> = { ...nothing };
  for (const [key, part] of Object.entries(composition) as [Substance, number][]) {
    const given = key === 'inert' && share < 1 ? 0 : share;
    liquid[key] = part * grams * given;
    solid[key] = part * grams * (1 - given);
  }
  return { liquid, solids: share < 1 && grams > 0 ? { [id]: solid as Amounts } : {} };
}
