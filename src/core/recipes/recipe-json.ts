import type { Portion } from '../matter/portion';
import { RecipeRecord } from '../settings/recipe';
import { nameOfId } from './ingredient-names';
import { boughtAs, portionOfLine, type Recipe } from './recipe';
import { knownCultures } from '../cultures/registry';

/** A recipe in the open JSON-LD of schema.org, as far as its text says: and the recipe itself, when this app wrote it. */
export interface RecipeText {
  readonly name: string | null;
  readonly about: string;
  readonly lines: readonly string[];
  /** What it makes, as written: "3 L". */
  readonly makes: string | null;
  readonly recipe: Recipe | null;
}

const mostDepth = 6;
/** Our own term in the file's context: the ratios as they are, so that nothing is lost on the way. */
const term = 'yuzet';
const termIri = 'urn:yuzet:recipe:1';

/**
 * The recipe in a JSON-LD text: alone, in a list, or in an `@graph`. Our own ratios count only while the ingredient lines are
 * still the ones they came with.
 *
 * @returns null when it is no JSON, or holds no recipe with ingredients
 * @source schema.org/Recipe: `name`, `description`, `recipeYield`, `recipeIngredient`
 */
export function recipeOfJson(text: string): RecipeText | null {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return null;
  }
  return recipeIn(value, 0);
}

const textOf = (value: unknown): string | null => (typeof value === 'string' ? value : null);

function recipeIn(value: unknown, depth: number): RecipeText | null {
  if (depth > mostDepth || typeof value !== 'object' || value === null) return null;
  if (Array.isArray(value)) {
    for (const each of value) {
      const found = recipeIn(each, depth + 1);
      if (found) return found;
    }
    return null;
  }
  const thing = value as Record<string, unknown>;
  const types = Array.isArray(thing['@type']) ? thing['@type'] : [thing['@type']];
  if (types.includes('Recipe') && Array.isArray(thing.recipeIngredient)) {
    const lines = thing.recipeIngredient.filter((line): line is string => typeof line === 'string');
    const makes = Array.isArray(thing.recipeYield) ? thing.recipeYield[0] : thing.recipeYield;
    return {
      name: textOf(thing.name),
      about: textOf(thing.description) ?? '',
      lines,
      makes: typeof makes === 'number' ? String(makes) : textOf(makes),
      recipe: ownIn(thing[term], lines),
    };
  }
  return recipeIn(thing['@graph'], depth + 1);
}

function ownIn(value: unknown, lines: readonly string[]): Recipe | null {
  if (typeof value !== 'object' || value === null) return null;
  const { litres, ...rest } = value as { litres?: unknown };
  const read = RecipeRecord.safeParse(rest);
  if (!read.success || typeof litres !== 'number' || !(litres > 0)) return null;
  const written = ingredientLines(read.data, litres);
  return written.length === lines.length && written.every((line, i) => line === lines[i]) ? read.data : null;
}

const pastTense: Readonly<Record<string, string>> = {
  chopped: 'chopped', sliced: 'sliced', grated: 'grated', pureed: 'pureed', powdered: 'powdered', dried: 'dried', whole: 'whole',
}; // prettier-ignore

/** A portion as a line that reads back as it: "433 g plum, chopped". */
export function lineOfPortion({ what, grams, ml, form }: Portion): string {
  const amount = ml === undefined ? `${Number((grams ?? 0).toFixed(3))} g` : `${Number(ml.toFixed(3))} ml`;
  const cut = form && pastTense[form] ? `, ${pastTense[form]}` : '';
  return `${amount} ${nameOfId(what) ?? what}${cut}`;
}

/** The ingredients of so many litres, a line each; the dose last. */
export function ingredientLines(recipe: Recipe, litres: number): string[] {
  const culture = knownCultures(recipe.culture);
  const bought = boughtAs(recipe.culture);
  const dose = Number((recipe.dosePerLitre * litres).toFixed(2));
  const living =
    dose > 0 && culture
      ? [`${dose} ${culture.unit} ${(bought === null ? null : nameOfId(bought)) ?? culture.name}`]
      : [];
  return [...recipe.lines.map((line) => lineOfPortion(portionOfLine(line, litres))), ...living];
}

/**
 * A recipe as schema.org JSON-LD: anyone's reader finds name, yield, ingredients and steps; ours finds the ratios too.
 *
 * @param litres the batch it is written for, above 0
 * @param instructions the steps in words
 */
export function jsonOfRecipe(recipe: Recipe, litres: number, instructions: readonly string[]): string {
  return JSON.stringify(
    {
      '@context': ['https://schema.org', { [term]: { '@id': termIri, '@type': '@json' } }],
      '@type': 'Recipe',
      name: recipe.name,
      description: recipe.about,
      version: recipe.version,
      recipeCategory: 'Fermented soda',
      cookingMethod: 'Fermenting',
      recipeYield: `${Number(litres.toFixed(2))} L`,
      recipeIngredient: ingredientLines(recipe, litres),
      recipeInstructions: instructions.map((text) => ({ '@type': 'HowToStep', text })),
      [term]: { ...recipe, litres },
    },
    null,
    2,
  );
}
