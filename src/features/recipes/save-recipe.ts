import { stepsAhead } from '@/core/brew/steps-ahead';
import { compositionOf, type Recipe } from '@/core/recipes/recipe';
import { jsonOfRecipe } from '@/core/recipes/recipe-json';
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
  const steps = stepsAhead(
    {
      name: recipe.name,
      jarMl: litres * 1300,
      place: 'counter',
      recipe: {
        base: recipe.base,
        wantedVolumes: recipe.wantedVolumes,
        method: recipe.method,
        later,
        waterMl,
      },
      portions: now.map(({ portion }) => portion),
    },
    undefined,
    21,
  );
  return steps.map((step) => {
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
