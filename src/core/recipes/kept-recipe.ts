import { RecipeRecord } from './records/recipe';
import type { KeptValue } from '../journal/fold';

import { library } from './library/registry';
import { recipeKey, type Recipe } from './recipe';

/** A recipe as the household keeps it. */
export const keptOf = (recipe: Recipe): KeptValue => ({ recipe: JSON.stringify(recipe) });

/** The recipe in a kept thing; null when it is none any more. */
export function recipeOfKept(value: KeptValue | undefined): Recipe | null {
  if (typeof value?.recipe !== 'string') return null;
  try {
    const read = RecipeRecord.safeParse(JSON.parse(value.recipe));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, KeptValue>>>>;
}

/** Every version of every recipe: the library's, and what was kept of the household's own, by id, the oldest version first. */
export function recipeVersions({ kept }: Keeps): ReadonlyMap<string, readonly Recipe[]> {
  const all = new Map(library.map((recipe) => [recipeKey(recipe), recipe]));
  for (const value of Object.values(kept.recipe ?? {})) {
    const recipe = recipeOfKept(value);
    if (recipe) all.set(recipeKey(recipe), recipe);
  }
  const out = new Map<string, Recipe[]>();
  for (const recipe of all.values()) out.set(recipe.id, [...(out.get(recipe.id) ?? []), recipe]);
  for (const versions of out.values()) versions.sort((a, b) => a.version - b.version);
  return out;
}

/** A free id for a new recipe, from its name. @example freeId('Plum & Bay', []) // 'plum-bay' */
export function freeId(name: string, taken: Iterable<string>): string {
  const ids = new Set(taken);
  const plain = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50);
  const stem = plain === '' ? 'recipe' : plain;
  let id = stem;
  for (let n = 2; ids.has(id); n++) id = `${stem}-${n}`;
  return id;
}
