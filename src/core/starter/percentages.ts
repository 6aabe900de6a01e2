import type { Keeping } from '../cultures/culture';
import { gramsOfPortion, type Portion } from '../matter/portion';
import { ingredientOf } from '../matter/ingredients/registry';
import { sugarGrams } from '../matter/substances';

export interface Percentages {
  /** Grams of plant, grains and the like for a hundred grams of water. */
  readonly body: number;
  /** Grams of sweetener for a hundred grams of water. */
  readonly sweetener: number;
  /** Sentences where the amounts contradict the usual share. */
  readonly notes: readonly string[];
}

const isSweet = (what: string) => ['sugar', 'syrup'].includes(ingredientOf(what).family);
const isWet = (what: string) => ingredientOf(what).family === 'water';

/**
 * What the spoons really make: plant and sweetener as percent of the water's weight.
 *
 * @param portions what goes into a new jar
 * @param keeping the kind's rules, for the notes
 * @returns percent; 0 without water, and a note then
 * @example percentagesOf([{ what: 'water', grams: 400 }, { what: 'white-sugar', grams: 12 }]).sweetener // 3
 */
export function percentagesOf(portions: readonly Portion[], keeping?: Keeping): Percentages {
  const sum = (is: (what: string) => boolean) =>
    portions.reduce((grams, portion) => grams + (is(portion.what) ? gramsOfPortion(portion) : 0), 0);
  const water = sum(isWet);
  if (!(water > 0)) return { body: 0, sweetener: 0, notes: ['There is no water in it yet.'] };
  const sweetener = (sum(isSweet) / water) * 100;
  const body = (sum((what) => !isSweet(what) && !isWet(what)) / water) * 100;
  const notes = keeping
    ? [
        note(ingredientOf(keeping.begin.body).name.toLowerCase(), body, keeping.begin.bodyShare, water),
        note('sweetener', sweetener, keeping.begin.sugarShare, water),
      ].filter((text) => text !== undefined)
    : [];
  return { body, sweetener, notes };
}

function note(
  what: string,
  percent: number,
  [low, high]: readonly [number, number],
  water: number,
): string | undefined {
  if (high === 0 || (percent >= low * 100 - 0.05 && percent <= high * 100 + 0.05)) return undefined;
  const word = percent < low * 100 ? 'thin' : 'rich';
  return `${percent.toFixed(1)} % ${what} is ${word}: ${round(low * 100)}–${round(high * 100)} % would be ${Math.round(low * water)}–${Math.round(high * water)} g.`;
}

const round = (value: number) => Number(value.toFixed(1));

/** Sugar of some portions, g: sweeteners and what fruit and juice bring. */
export const sugarOfPortions = (portions: readonly Portion[]): number =>
  portions.reduce((sum, portion) => {
    const { composition } = ingredientOf(portion.what);
    return sum + sugarGrams(composition) * gramsOfPortion(portion);
  }, 0);
