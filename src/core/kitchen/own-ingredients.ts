import { isIngredient } from '../matter/ingredients/registry';
import { ownId, ownOf, type OwnIngredient } from '../matter/own-ingredient';
import type { Keeps } from './stock';

/** Ingredients that the maker described, as the household holds them, by name. */
export const ownIngredientsOf = ({ kept }: Keeps): string[] =>
  Object.values(kept.ingredient ?? {})
    .flatMap(({ is }) => (typeof is === 'string' && ownOf(is) && isIngredient(is) ? [is] : []))
    .sort((a, b) => (ownOf(a)!.name < ownOf(b)!.name ? -1 : 1));

/** How a described ingredient is kept: one of a name, so that it can be described anew. */
export const ownKept = (own: OwnIngredient) => ({
  kind: 'kept' as const,
  thing: 'ingredient' as const,
  key: own.name.trim().toLowerCase(),
  value: { is: ownId(own) },
});
