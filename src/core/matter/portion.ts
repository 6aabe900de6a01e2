import { ingredientOf } from './ingredients/registry';
import type { Contents } from './contents';
import { gramsIn, heapOn, nothing, type Amounts, type Substance } from './substances';
import type { Form, Ingredient } from './ingredient';
import type { Portion } from './records/portion';

export type { Portion } from './records/portion';
type Ripeness = NonNullable<Portion['ripe']>;

/** What ripeness does to the sugars and acids of a table's fruit: practice, within the third that tables differ by. */
const ripening: Readonly<Record<Ripeness, { readonly sugars: number; readonly acids: number }>> = {
  under: { sugars: 0.75, acids: 1.25 },
  over: { sugars: 1.15, acids: 0.8 },
};
const sweet = ['sucrose', 'glucose', 'fructose', 'maltose'] as const;
const sour = ['citric', 'malic'] as const;

const pourable: readonly Ingredient['family'][] = [
  'water',
  'syrup',
  'juice',
  'puree',
  'citrus',
  'dairy',
  'culture',
];

/**
 * What a level millilitre of an ingredient weighs.
 *
 * @param form how it is cut; its usual form when left out or unknown
 * @returns g/ml; exact to 1 % for liquids, about 15 % for what is cut
 * @example spoonGrams('white-sugar') // 0.85
 */
export function spoonGrams(what: string, form?: Form): number {
  const { spooned, density } = ingredientOf(what);
  return (form && spooned[form]) ?? Object.values(spooned)[0] ?? density;
}

/** Whether an ingredient is poured rather than spooned. */
export const isPoured = (what: string): boolean => {
  const { family, spooned } = ingredientOf(what);
  return pourable.includes(family) && ('liquid' in spooned || 'pureed' in spooned);
};

/** Mass of a portion, g. @example gramsOfPortion({ what: 'honey', ml: 100 }) // 142 */
export const gramsOfPortion = ({ what, grams, ml, form }: Portion): number =>
  grams ?? (ml ?? 0) * (isPoured(what) ? ingredientOf(what).density : spoonGrams(what, form));

/** Room a portion takes of its own, ml. @example Math.round(mlOfPortion({ what: 'honey', grams: 142 })) // 100 */
export const mlOfPortion = (portion: Portion): number =>
  portion.ml !== undefined && isPoured(portion.what)
    ? portion.ml
    : gramsOfPortion(portion) / ingredientOf(portion.what).density;

/** Fine forms give more of their juice. */
const givesMore: Readonly<Partial<Record<Form, number>>> = {
  grated: 0.2,
  pureed: 0.25,
  powdered: 0.1,
  whole: -0.2,
};

/** Share of its juice that a portion gives to the liquid, 0–1. */
function givenShare({ gives }: Ingredient, form: Form | undefined): number {
  if (gives === 0 || gives >= 1) return gives;
  return Math.min(1, Math.max(0.05, gives + (form ? (givesMore[form] ?? 0) : 0)));
}

/**
 * Grams of each substance in a gram of a portion: the table's, changed by how ripe it is and by the sugar its label states. What
 * sugar and acids gain or lose, water makes up.
 *
 * @public run by its example
 * @example Math.round(compositionOf({ what: 'apple-juice', ml: 100, sugar: 12 }).fructose * 1000) // 68
 */
export function compositionOf({ what, ripe, sugar }: Portion): Amounts {
  const { composition, density } = ingredientOf(what);
  if (ripe === undefined && sugar === undefined) return composition;
  const out: Record<Substance, number> = { ...composition };
  const { sugars, acids } = ripe ? ripening[ripe] : { sugars: 1, acids: 1 };
  const there = sweet.reduce((sum, key) => sum + composition[key], 0);
  const stated = sugar === undefined ? undefined : sugar / 100 / (isPoured(what) ? density : 1);
  for (const key of sour) out[key] *= acids;
  if (there > 0) for (const key of sweet) out[key] *= stated === undefined ? sugars : stated / there;
  else if (stated !== undefined) out.glucose = out.fructose = stated / 2;
  const others = gramsIn(out) - out.water;
  out.water = Math.max(0, 1 - others);
  return out;
}

/**
 * What portions put into a vessel: the water, sugars and acids they give go into the liquid, the rest stays in the solids.
 *
 * @returns contents whose grams add up to the portions', to rounding
 * @source composition tables of the ingredients; the share given is practice
 * @example Math.round(portionsContents([{ what: 'white-sugar', grams: 100 }]).liquid.sucrose) // 100
 */
export function portionsContents(portions: readonly Portion[]): Contents {
  const liquid: Record<Substance, number> = { ...nothing };
  const solids: Record<string, Amounts> = {};
  for (const portion of portions) {
    const ingredient = ingredientOf(portion.what);
    const { id } = ingredient;
    const composition = compositionOf(portion);
    const grams = gramsOfPortion(portion);
    if (!(grams > 0)) continue;
    const share = givenShare(ingredient, portion.form);
    heapOn(liquid, composition, grams * share);
    if (share >= 1) continue;
    // What is neither water nor dissolved stays in the solid, however finely it is cut.
    liquid.inert -= composition.inert * grams * share;
    const solid: Record<Substance, number> = { ...(solids[id] ?? nothing) };
    heapOn(solid, composition, grams * (1 - share));
    solid.inert += composition.inert * grams * share;
    solids[id] = solid;
  }
  if (liquid.inert < 0) liquid.inert = 0;
  return { liquid, solids };
}

/** What one portion puts into a vessel. */
export const portionContents = (portion: Portion): Contents => portionsContents([portion]);
