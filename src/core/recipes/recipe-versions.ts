import { entriesOf, type Holds } from '../settings/holds';
import { library } from './library/registry';
import { recipeKey, type Recipe } from './recipe';

/** Every version of every recipe: the library's, and what was kept of the household's own, by id, the oldest version first. */
export function recipeVersions(household: Holds<'recipe', Recipe>): ReadonlyMap<string, readonly Recipe[]> {
  const all = new Map(library.map((recipe) => [recipeKey(recipe), recipe]));
  for (const [, recipe] of entriesOf(household, 'recipe')) all.set(recipeKey(recipe), recipe);
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
