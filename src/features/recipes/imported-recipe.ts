import { bareId } from '@/core/cultures/registry';
import { contentsOf } from '@/core/lots/begin';
import { liquidMl } from '@/core/matter/contents';
import type { Portion } from '@/core/matter/portion';
import { portionTyped } from '@/core/measures/portion-measure';
import type { Act } from '@/core/journal/entry';
import { usualWhen, type ImportedRecipe } from '@/core/recipes/import-recipe';
import { readLine } from '@/core/recipes/ingredient-line';
import { freeId, recipeVersions } from '@/core/recipes/recipe-versions';
import { simmered } from '@/core/recipes/library/methods';
import { recipeKey, recipeOf, type Recipe } from '@/core/recipes/recipe';
import type { HasSettings } from '@/core/settings/settings';
import { lineQuestion } from '@/words/brews/recipe-words';
import { t } from '@/core/language/t';

/** The lines that were asked about with their answers, and for each what is still missing. */
export function withAnswers(
  found: ImportedRecipe,
  answers: readonly string[],
): { readonly whole: ImportedRecipe; readonly faults: readonly (string | undefined)[] } {
  const faults: (string | undefined)[] = [];
  const added: Portion[] = [];
  found.asked.forEach((line, i) => {
    const text = (answers[i] ?? '').trim();
    if (/^leave (it )?out$/i.test(text)) return faults.push(undefined);
    // An amount alone answers for the ingredient that was understood; a whole line for itself.
    const amount = line.what && text !== '' ? portionTyped(line.what, text) : null;
    const portion = amount?.ok ? amount.value : readLine(text).portion;
    if (portion) added.push(portion);
    return faults.push(
      portion ? undefined : lineQuestion(text === '' ? line : readLine(text)) || t`Write an amount.`,
    );
  });
  const rows = added
    .filter(({ what }) => what !== 'water')
    .map(({ typed: _typed, ...portion }) => ({ portion, when: usualWhen(portion.what, true) }));
  return {
    whole: {
      ...found,
      ml: found.ml + liquidMl(contentsOf(added)),
      rows: [...found.rows, ...rows],
      asked: found.asked.filter((_, i) => faults[i] !== undefined),
    },
    faults,
  };
}

/** What was read as a recipe of ours: simmered and strained, until its maker says otherwise. */
export function recipeOfImport(found: ImportedRecipe, household: HasSettings): Recipe {
  const { ml, rows, dose } = found;
  const name = found.name.trim().slice(0, 80) || t`A recipe from a file`;
  return recipeOf(
    { ml, rows, dose },
    {
      id: freeId(name, recipeVersions(household).keys()),
      version: 1,
      name,
      about: found.about.slice(0, 300),
      base: found.base,
      method: simmered(),
      wantedVolumes: 2.5,
      rating: null,
      note: '',
      from: null,
    },
    found.culture ?? bareId,
  );
}

/** How a recipe from a file is kept: under its own name, or a free one beside another; null when it is here already. */
export function keepingOf(
  recipe: Recipe,
  household: HasSettings,
): { readonly id: string; readonly act: Extract<Act, { kind: 'kept' }> } | null {
  const versions = recipeVersions(household);
  const same = versions.get(recipe.id)?.find(({ version }) => version === recipe.version);
  if (same && JSON.stringify(sorted(same)) === JSON.stringify(sorted(recipe))) return null;
  const kept = versions.has(recipe.id) ? { ...recipe, id: freeId(recipe.name, versions.keys()) } : recipe;
  return {
    id: kept.id,
    act: { kind: 'kept', thing: 'recipe', key: recipeKey(kept), value: kept },
  };
}

/** The same whatever the order its fields were written in. */
const sorted = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(sorted)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([, each]) => each !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, each]) => [key, sorted(each)]),
        )
      : value;
