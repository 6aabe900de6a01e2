import type { JarCare } from '../cultures/culture';
import { waterKefirGrains } from '../cultures/kinds/water-kefir';
import type { IngredientFamily } from '../matter/ingredient';
import { gramsOfPortion, type Portion } from '../matter/portion';
import { ingredientOf } from '../matter/ingredients/registry';
import { sugarGrams } from '../matter/substances';
import { t } from '../language/t';

export interface Percentages {
  /** Grams of what the kind is begun with (plant, grains, tea leaf) for a hundred grams of water; dried grains as they swell. */
  readonly body: number;
  /** What that is, in a word. */
  readonly bodyWord: string;
  /** Grams of sweetener for a hundred grams of water. */
  readonly sweetener: number;
  /** Sentences where the amounts contradict the usual share. */
  readonly notes: readonly string[];
}

const isSweet = (what: string) => ['sugar', 'syrup'].includes(ingredientOf(what).family);
const isWet = (what: string) => ingredientOf(what).family === 'water';

const words: Readonly<Partial<Record<IngredientFamily, string>>> = {
  culture: t`grains`,
  tea: t`tea`,
  dairy: t`whey`,
  ginger: t`ginger`,
  flower: t`flowers or fruit`,
};
const wildFamilies: readonly IngredientFamily[] = ['fruit', 'flower', 'herb'];

/** What counts as the body of a kind: things of the family it is begun with; everything but water and sweetener where no kind is known. */
function bodyOf(keeping: JarCare | undefined): (what: string) => boolean {
  if (!keeping) return (what) => !isSweet(what) && !isWet(what);
  const { family } = ingredientOf(keeping.begin.body);
  const alike = wildFamilies.includes(family) ? wildFamilies : [family];
  return (what) => alike.includes(ingredientOf(what).family);
}

/** Dried grains count as what they swell to: shares are written for wet ones. */
const swollenGrams = (portion: Portion): number =>
  gramsOfPortion(portion) *
  (portion.what === waterKefirGrains.dried?.ingredient ? waterKefirGrains.dried.swells : 1);

/**
 * What the spoons really make: plant and sweetener as percent of the water's weight.
 *
 * @param portions what goes into a new jar
 * @param keeping the kind's rules, for the notes
 * @returns percent; 0 without water, and a note then
 * @example percentagesOf([{ what: 'water', grams: 400 }, { what: 'white-sugar', grams: 12 }]).sweetener // 3
 */
export function percentagesOf(portions: readonly Portion[], keeping?: JarCare): Percentages {
  const sum = (is: (what: string) => boolean) =>
    portions.reduce((grams, portion) => grams + (is(portion.what) ? gramsOfPortion(portion) : 0), 0);
  const water = sum(isWet);
  const bodyWord = keeping ? (words[ingredientOf(keeping.begin.body).family] ?? t`solids`) : t`solids`;
  if (!(water > 0)) return { body: 0, bodyWord, sweetener: 0, notes: [t`There is no water in it yet.`] };
  const sweetener = (sum(isSweet) / water) * 100;
  const isBody = bodyOf(keeping);
  const body =
    (portions.reduce((grams, portion) => grams + (isBody(portion.what) ? swollenGrams(portion) : 0), 0) /
      water) *
    100;
  const notes = keeping
    ? [
        note(ingredientOf(keeping.begin.body).name.toLowerCase(), body, keeping.begin.bodyShare, water),
        note(t`sweetener`, sweetener, keeping.begin.sugarShare, water),
      ].filter((text) => text !== undefined)
    : [];
  return { body, bodyWord, sweetener, notes };
}

function note(
  what: string,
  percent: number,
  [low, high]: readonly [number, number],
  water: number,
): string | undefined {
  if (high === 0 || (percent >= low * 100 - 0.05 && percent <= high * 100 + 0.05)) return undefined;
  const word = percent < low * 100 ? t`thin` : t`rich`;
  return t`${percent.toFixed(1)} % ${what} is ${word}: ${round(low * 100)}–${round(high * 100)} % would be ${Math.round(low * water)}–${Math.round(high * water)} g.`;
}

const round = (value: number) => Number(value.toFixed(1));

/** How far spoons may miss the percent that was meant before it is said: a sixth of it. */
const tolerated = 1 / 6;

/** What would bring a mix to the percent of sweetener that was meant. */
export interface Mend {
  /** What the spoons really make, percent of the water's weight. */
  readonly really: number;
  /** The sweetener to change, and how much there should be of it, g. */
  readonly what: string;
  readonly grams: number;
  /** More (above 0) or less of it, g. */
  readonly change: number;
}

/**
 * Whether the spoons contradict the percent that was meant, and what mends it.
 *
 * @param meant percent of the water's weight, above 0
 * @returns null when they agree within a sixth, or when there is no water or no sweetener to change
 * @example mendOf([{ what: 'water', grams: 237 }, { what: 'honey', grams: 21 }], 18)?.change // 22
 */
export function mendOf(portions: readonly Portion[], meant: number): Mend | null {
  const sweet = portions.filter(({ what }) => isSweet(what));
  const water = portions.reduce(
    (sum, portion) => sum + (isWet(portion.what) ? gramsOfPortion(portion) : 0),
    0,
  );
  const chosen = sweet.at(-1);
  if (!chosen || !(water > 0) || !(meant > 0)) return null;
  const there = sweet.reduce((sum, portion) => sum + gramsOfPortion(portion), 0);
  const really = (there / water) * 100;
  if (Math.abs(really / meant - 1) <= tolerated) return null;
  const change = Math.round((meant / 100) * water - there);
  return {
    really,
    what: chosen.what,
    grams: Math.max(0, Math.round(gramsOfPortion(chosen) + change)),
    change,
  };
}

/** Sugar of some portions, g: sweeteners and what fruit and juice bring. */
export const sugarOfPortions = (portions: readonly Portion[]): number =>
  portions.reduce((sum, portion) => {
    const { composition } = ingredientOf(portion.what);
    return sum + sugarGrams(composition) * gramsOfPortion(portion);
  }, 0);
