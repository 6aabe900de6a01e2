import { z } from 'zod';
import { isIngredient } from '../matter/ingredients/registry';
import { ownId, ownOf, type OwnIngredient } from '../matter/own-ingredient';
import { entriesOf, type Holds } from './holds';

/** An ingredient that the maker described, by its name in small letters: the id that holds its description. */
export const OwnIngredientRecord = z.strictObject({ id: z.string().max(8000) });
type OwnIngredientSetting = z.infer<typeof OwnIngredientRecord>;

/** Ids of the ingredients that the maker described, by name. */
export const ownIngredientsOf = (household: Holds<'ingredient', OwnIngredientSetting>): string[] =>
  entriesOf(household, 'ingredient')
    .flatMap(([, { id }]) => (ownOf(id) && isIngredient(id) ? [id] : []))
    .sort((a, b) => (ownOf(a)!.name < ownOf(b)!.name ? -1 : 1));

/** How a described ingredient is kept: one of a name, so that it can be described again. */
export const ownSetting = (own: OwnIngredient) => ({
  kind: 'kept' as const,
  thing: 'ingredient' as const,
  key: own.name.trim().toLowerCase(),
  value: { id: ownId(own) },
});
