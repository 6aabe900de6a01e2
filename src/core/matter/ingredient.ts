import { nothing, type Amounts, type Substance } from './substances';

/** How something is cut or ground: what a spoon or a cup of it weighs, and how much of its juice comes out, depend on it. */
export const forms = [
  'whole',
  'chopped',
  'sliced',
  'grated',
  'pureed',
  'powdered',
  'dried',
  'liquid',
] as const;
export type Form = (typeof forms)[number];

export type IngredientFamily =
  | 'water'
  | 'sugar'
  | 'syrup'
  | 'fruit'
  | 'juice'
  | 'puree'
  | 'tea'
  | 'ginger'
  | 'citrus'
  | 'dairy'
  | 'mineral'
  | 'salt'
  | 'spice'
  | 'herb'
  | 'flower'
  | 'vegetable'
  | 'culture';

/** One thing that can go into a vessel. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly family: IngredientFamily;
  /** Grams of each substance in a gram; they add up to 1. */
  readonly composition: Amounts;
  /** Density of the thing itself, g/ml. */
  readonly density: number;
  /** What a level millilitre of it weighs in a spoon or cup, g/ml, by form; the first is the usual one. */
  readonly spooned: Readonly<Partial<Record<Form, number>>>;
  /** Share of its water, sugars and acids that ends in the liquid, by the usual form, 0–1. */
  readonly gives: number;
  /** Liquid its solids hold when strained off, ml per gram put in. */
  readonly soaks: number;
  /** What sodas usually hold, per litre: g, or ml for liquids. */
  readonly typical: readonly [low: number, high: number] | null;
  readonly source: string;
}

/** A row of an ingredient table. */
export interface IngredientRow {
  readonly name: string;
  /** Percent by mass; water is what a row leaves over after `solids`. */
  readonly percent: Readonly<Partial<Record<Substance, number>>>;
  readonly density: number;
  readonly spooned: Readonly<Partial<Record<Form, number>>>;
  readonly gives?: number;
  readonly soaks?: number;
  readonly typical?: readonly [number, number];
}

/** Ingredients of one family from their rows. What the percentages leave over is water, unless `rest` says inert. */
export function ingredientFamily<K extends string>(
  family: IngredientFamily,
  source: string,
  defaults: { readonly gives: number; readonly soaks: number; readonly rest: 'water' | 'inert' },
  rows: Readonly<Record<K, IngredientRow>>,
): Readonly<Record<K, Ingredient>> {
  const out = {} as Record<K, Ingredient>;
  for (const [id, row] of Object.entries<IngredientRow>(rows)) {
    const named = Object.values(row.percent).reduce((sum, value) => sum + value, 0);
    const composition: Record<Substance, number> = { ...nothing };
    for (const [key, value] of Object.entries(row.percent)) composition[key as Substance] = value / 100;
    composition[defaults.rest] += Math.max(0, 1 - named / 100);
    out[id as K] = {
      id,
      family,
      source,
      composition,
      name: row.name,
      density: row.density,
      spooned: row.spooned,
      gives: row.gives ?? defaults.gives,
      soaks: row.soaks ?? defaults.soaks,
      typical: row.typical ?? null,
    };
  }
  return out;
}
