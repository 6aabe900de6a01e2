import { canBeSeen } from '../journal/entries/base';
import { z } from 'zod';
import { knownCultures } from '../cultures/registry';
import { baseKinds } from '../matter/base-kinds';
import { methodShape, when } from '../journal/entries/recipe-shape';
import type { KeptValue } from '../journal/fold';
import { forms } from '../matter/ingredient';
import { isIngredient } from '../matter/ingredients/registry';
import { ripenesses } from '../matter/portion';
import { library } from './library/registry';
import { recipeKey, type Recipe } from './recipe';

const from = z.strictObject({
  id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,59}$/),
  version: z.number().int().min(1).max(999),
});

/** A recipe as it is kept and as it travels in a file. */
export const RecipeShape = z.strictObject({
  ...from.shape,
  name: z.string().trim().min(1).max(80).refine(canBeSeen, 'Give it a name that can be seen.'),
  about: z.string().max(300),
  base: z.enum(baseKinds),
  culture: z
    .string()
    .refine((id) => knownCultures(id) !== null, 'A kind of starter that Yuzet does not know.'),
  dosePerLitre: z.number().min(0).max(1000),
  lines: z
    .array(
      z.strictObject({
        what: z.string().refine(isIngredient, 'An ingredient that is not in the table.'),
        perLitre: z.number().min(0).max(2000),
        when,
        form: z.enum(forms).optional(),
        ripe: z.enum(ripenesses).optional(),
        sugar: z.number().min(0).max(100).optional(),
      }),
    )
    .max(40),
  method: methodShape,
  wantedVolumes: z.number().min(0.5).max(5),
  rating: z.number().int().min(1).max(5).nullable(),
  note: z.string().max(600),
  from: from.nullable(),
  bottling: z
    .strictObject({
      dose: z
        .strictObject({
          what: z.string().refine(isIngredient, 'An ingredient that is not in the table.'),
          perLitre: z.number().min(0).max(600),
          unit: z.enum(['grams', 'ml']),
        })
        .nullable(),
      headspaceCm: z.number().min(0.5).max(20),
      warmDays: z.number().min(0).max(60).nullable(),
    })
    .optional(),
});

/** A recipe as the household keeps it. */
export const keptOf = (recipe: Recipe): KeptValue => ({ recipe: JSON.stringify(recipe) });

/** The recipe in a kept thing; null when it is none any more. */
export function recipeOfKept(value: KeptValue | undefined): Recipe | null {
  if (typeof value?.recipe !== 'string') return null;
  try {
    const read = RecipeShape.safeParse(JSON.parse(value.recipe));
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
