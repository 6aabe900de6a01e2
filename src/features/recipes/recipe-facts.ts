import { noDose, sugarAccount, type SugarAccount } from '@/core/brew/sugar-account';
import { knownCultures } from '@/core/cultures/registry';
import { contentsOf } from '@/core/lots/begin';
import { liquidMl } from '@/core/matter/contents';
import { portionOfLine, type Recipe } from '@/core/recipes/recipe';

/** The account of a litre of a recipe. */
export function accountOf(recipe: Recipe): SugarAccount {
  const portions = recipe.lines
    .filter(({ when }) => when !== 'infusion')
    .map((line) => portionOfLine(line, 1));
  const culture = knownCultures(recipe.culture);
  const ml = culture?.unit === 'ml' ? recipe.dosePerLitre : 0;
  const dose = ml > 0 ? { ml, residualSugar: culture!.residualSugar } : noDose;
  const water = Math.max(0, 1000 - ml - liquidMl(contentsOf(portions)));
  return sugarAccount([{ what: 'water', ml: water }, ...portions], dose);
}
