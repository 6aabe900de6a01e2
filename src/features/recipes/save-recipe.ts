import { stepsOf } from '@/core/brew/steps';
import { compositionOf, type Recipe } from '@/core/recipes/recipe';
import { jsonOfRecipe } from '@/core/recipes/recipe-json';
import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import { stepWords } from '@/words/brews/step-words';
import { waterOf } from '@/core/brew/scale';
import { knownCultures } from '@/core/cultures/registry';
import { saveTextFile } from '@/ui/files/save-file';

/** Batch a file is written for, L. */
const fileLitres = 3;

/** The steps of a recipe as sentences, for a batch of a file's size. */
export function instructionsOf(recipe: Recipe, litres: number): string[] {
  const composition = compositionOf(recipe, litres * 1000, false);
  const waterMl = Math.max(0, waterOf(composition, knownCultures(recipe.culture)?.unit === 'ml'));
  const now = composition.rows.filter(({ when }) => when === 'pot' || when === 'cold');
  const later = composition.rows.filter((row) => !now.includes(row));
  const lot = addPortions(
    emptyLot('recipe', 0, {
      role: 'brew',
      name: recipe.name,
      vessel: { kind: 'jar', ml: litres * 1300 },
      closure: recipe.method.closure,
      place: 'counter',
      recipe: {
        base: recipe.base,
        wantedVolumes: recipe.wantedVolumes,
        method: recipe.method,
        later,
        waterMl,
      },
    }),
    [{ what: 'water', ml: waterMl }, ...now.map(({ portion }) => portion)],
    { at: 0, entryId: 'recipe' },
  );
  return stepsOf({ lot, from: undefined, around: 21 }).map((step) => {
    const { title, lines } = stepWords(step, null);
    return `${title}. ${lines.join(' ')}`;
  });
}

/** The recipe as a schema.org file, handed to the browser as a download. */
export const saveRecipeFile = (recipe: Recipe): void =>
  saveTextFile(
    jsonOfRecipe(recipe, fileLitres, instructionsOf(recipe, fileLitres)),
    'application/ld+json',
    `${recipe.id}.recipe.json`,
  );
