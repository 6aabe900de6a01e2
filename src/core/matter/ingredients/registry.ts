import type { Ingredient } from '../ingredient';
import { flowers, ginger, herbs, spices, teas } from './flavours';
import { fruit, vegetables } from './fruit';
import { citrus, dairy, juices, purees, waters } from './liquids';
import { livings, minerals } from './minerals-and-life';
import { sugars, syrups } from './sugars';

const all = {
  ...waters,
  ...sugars,
  ...syrups,
  ...ginger,
  ...fruit,
  ...vegetables,
  ...juices,
  ...purees,
  ...citrus,
  ...dairy,
  ...teas,
  ...herbs,
  ...flowers,
  ...spices,
  ...minerals,
  ...livings,
};

export type IngredientId = keyof typeof all;

/** Every ingredient Yuzet knows, by id. */
export const ingredients: Readonly<Record<IngredientId, Ingredient>> = all;

export const ingredientIds = Object.keys(all) as IngredientId[];

export const isIngredient = (id: string): id is IngredientId => Object.hasOwn(all, id);

/** Something of the maker's own that no table knows: it is weighed, and taken to be half water and not to ferment. */
const unknown: Ingredient = {
  id: 'other',
  name: 'Something else',
  family: 'spice',
  density: 1,
  spooned: { whole: 0.5 },
  gives: 0.2,
  soaks: 0.5,
  typical: null,
  composition: { ...waters.water.composition, water: 0.5, inert: 0.5 },
  source: 'nothing is known of it',
};

/** The ingredient of that id; what no table knows counts as half water, half inert. */
export const ingredientOf = (id: string): Ingredient => (isIngredient(id) ? all[id] : unknown);
