import { cultureOfIngredient, knownCultures } from '../cultures/registry';
import type { Composition, Row } from '../brew/composition';
import { amountIn } from '../brew/composition';
import { isPoured, type Portion } from '../matter/portion';

import type { Recipe, RecipeLine } from '../settings/recipe';

export type { BottlingWay, Recipe, RecipeLine } from '../settings/recipe';

/** Key under which a version is kept. @example recipeKey({ id: 'plum', version: 2 }) // 'plum@2' */
export const recipeKey = ({ id, version }: Pick<Recipe, 'id' | 'version'>): string => `${id}@${version}`;

const kept = (value: number) => Number(value.toFixed(value < 1 ? 4 : 2));

/** A line as a portion of so many litres. */
export const portionOfLine = (
  { what, perLitre, form, ripe, sugar }: RecipeLine,
  litres: number,
): Portion => ({
  what,
  ...(isPoured(what) ? { ml: kept(perLitre * litres) } : { grams: kept(perLitre * litres) }),
  ...(form ? { form } : {}),
  ...(ripe ? { ripe } : {}),
  ...(sugar === undefined ? {} : { sugar }),
});

/** The packet, grains or whey that goes in as an ingredient when no jar of the kitchen gives it; null for what is only drawn. */
export const boughtAs = (cultureId: string): string | null => {
  const culture = knownCultures(cultureId);
  const [bought = null] = culture?.ingredients ?? [];
  // What a jar gives is drawn, not bought.
  return bought !== culture?.ripe && (culture?.packet || !culture?.keeping?.renews) ? bought : null;
};

/**
 * A recipe laid out for a batch.
 *
 * @param ml in the jar, above 0
 * @param fromJar whether the dose is drawn from a jar (then it is the composition's dose), or goes in as an ingredient
 */
export function compositionOf(recipe: Recipe, ml: number, fromJar: boolean): Composition {
  const litres = ml / 1000;
  const rows = recipe.lines.map((line): Row => ({ portion: portionOfLine(line, litres), when: line.when }));
  const dose = recipe.dosePerLitre * litres;
  const bought = fromJar ? null : boughtAs(recipe.culture);
  if (bought === null || dose === 0) return { ml, rows, dose };
  return {
    ml,
    dose: 0,
    rows: [
      ...rows,
      {
        when: 'last',
        portion: portionOfLine({ what: bought, perLitre: recipe.dosePerLitre, when: 'last' }, litres),
      },
    ],
  };
}

/** What is said of a recipe beside its amounts. */
export type RecipeHead = Omit<Recipe, 'lines' | 'dosePerLitre' | 'culture'>;

/** A composition as a recipe: its ratios for a litre. A packet among the rows is its dose. */
export function recipeOf({ ml, rows, dose }: Composition, head: RecipeHead, cultureId: string): Recipe {
  const litres = ml / 1000;
  const living = (what: string) => cultureOfIngredient(what) !== null;
  const bought = dose > 0 ? undefined : rows.find(({ portion }) => living(portion.what));
  const lines = rows
    .filter((row) => row !== bought)
    .map(({ portion, when }): RecipeLine => ({
      what: portion.what,
      perLitre: kept(amountIn(portion) / litres),
      when,
      ...(portion.form ? { form: portion.form } : {}),
      ...(portion.ripe ? { ripe: portion.ripe } : {}),
      ...(portion.sugar === undefined ? {} : { sugar: portion.sugar }),
    }));
  return {
    ...head,
    lines,
    culture: bought ? cultureOfIngredient(bought.portion.what)!.id : cultureId,
    dosePerLitre: kept((bought ? amountIn(bought.portion) : dose) / litres),
  };
}
