import { type Household } from '@/core/journal/household';
import type { Portion } from '@/core/matter/portion';
import { summed } from '@/core/measures/summed';
import { type OpenWish } from '@/core/plan/wished';
import { portionOfLine, recipeKey } from '@/core/recipes/recipe';
import { newestRecipes } from './ways';

/** What the chosen ways of open wishes take together, each thing once, without water. */
export function shoppingFor(
  wishes: readonly OpenWish[],
  chosen: readonly { readonly wishId: string; readonly outline: { readonly wayId: string } }[],
  household: Household,
): Portion[] {
  const recipes = newestRecipes(household);
  const portions = chosen.flatMap(({ wishId, outline }) => {
    const wish = wishes.find(({ id }) => id === wishId);
    const recipe = recipes.find((each) => recipeKey(each) === outline.wayId);
    return wish && recipe ? recipe.lines.map((line) => portionOfLine(line, wish.ml / 1000)) : [];
  });
  return summed(portions.filter(({ what }) => what !== 'water'));
}
