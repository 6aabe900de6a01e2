import type { Ingredient } from '../ingredient';
import { flowers, ginger, herbs, spices, teas } from './flavours';
import { fruit, vegetables } from './fruit';
import { citrus, dairy, juices, purees, waters } from './liquids';
import { livings, minerals } from './minerals-and-life';
import { moreFlowers, moreHerbs, moreSpices, moreTeas } from './more-flavours';
import { driedFruit, moreFruit } from './more-fruit';
import { moreCitrus, moreField, moreSugars, moreSyrups, moreWaters } from './more-sweet';
import { pressedOf } from './pressed';
import { sugars, syrups } from './sugars';
import { ownIngredient, ownOf } from '../own-ingredient';
import { t } from '../../language/t';

const {
  'pineapple-rind': _rind,
  'dried-fig': _fig,
  raisin: _raisin,
  ...pressable
} = { ...fruit, ...moreFruit };

// Redcurrant juice stands among the juices, with figures of its own.
const { 'redcurrant-juice': _juice, ...pressed } = pressedOf(pressable);

const all: Readonly<Record<string, Ingredient>> = {
  // Worked out of the fruit; what stands in a table of its own goes before it.
  ...pressed,
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
  ...moreSugars,
  ...moreSyrups,
  ...moreWaters,
  ...moreFruit,
  ...driedFruit,
  ...moreField,
  ...moreCitrus,
  ...moreTeas,
  ...moreHerbs,
  ...moreFlowers,
  ...moreSpices,
};

/** Every ingredient Yuzet knows, by id. */
export const ingredients = all;

export const ingredientIds: readonly string[] = Object.keys(all);

const inTable = (id: string): boolean => Object.hasOwn(all, id);

/** Own ingredients that were read: an id is read once. */
const ownRead = new Map<string, Ingredient | null>();
const mostRead = 2000;

/** An own ingredient by its id; null for what is none, or is like nothing of the table. What lives is no one's own. */
function ownRow(id: string): Ingredient | null {
  if (!id.startsWith('own:')) return null;
  const read = ownRead.get(id);
  if (read !== undefined) return read;
  const own = ownOf(id);
  const like = own && inTable(own.like) ? all[own.like]! : null;
  const found = own && like && like.family !== 'culture' ? ownIngredient(id, own, like) : null;
  if (ownRead.size >= mostRead) ownRead.clear();
  ownRead.set(id, found);
  return found;
}

/** Whether an id is an ingredient's: of the table, or a maker's own. */
export const isIngredient = (id: string): boolean => inTable(id) || ownRow(id) !== null;

/** Something that neither the table nor its own id describes: it is weighed, and taken to be half water and not to ferment. */
const unknown: Ingredient = {
  id: 'other',
  name: t`Something else`,
  family: 'spice',
  density: 1,
  spooned: { whole: 0.5 },
  gives: 0.2,
  soaks: 0.5,
  typical: null,
  composition: { ...waters.water.composition, water: 0.5, inert: 0.5 },
  source: 'nothing is known of it',
};

/** The ingredient of that id, the maker's own too; what nothing is known of counts as half water, half inert. */
export const ingredientOf = (id: string): Ingredient => (inTable(id) ? all[id]! : (ownRow(id) ?? unknown));
