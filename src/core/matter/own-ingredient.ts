import { gramsIn, nothing, type Substance } from './substances';
import type { Ingredient } from './ingredient';

/** An ingredient that a maker described: a name, what it is like, and what is known of it beyond that. */
export interface OwnIngredient {
  readonly name: string;
  /** Ingredient of the table that it is like: its density, how it is cut, and what it gives. */
  readonly like: string;
  /** Sugar, g per 100 g; null as what it is like. */
  readonly sugar: number | null;
  /** Acid, g per 100 g; null as what it is like. */
  readonly acid: number | null;
  /** What a cup of it (237 ml) weighs, g; null as what it is like. */
  readonly cupGrams: number | null;
}

/** Letters of the longest name: an id is at most 80 letters long. */
export const longestOwnName = 32;
const cupMl = 236.6;
const mostCupGrams = 500;
const prefix = 'own:';
const sweet = ['sucrose', 'glucose', 'fructose', 'maltose'] as const;
const sour = ['citric', 'malic'] as const;

const written = (value: number | null) => (value === null ? '' : String(Math.round(value * 10)));
const number = (text: string, most: number): number | null | undefined => {
  if (text === '') return null;
  const value = /^\d{1,4}$/.test(text) ? Number(text) / 10 : NaN;
  return value <= most ? value : undefined;
};

/**
 * The id of an own ingredient. It holds the whole description, so that wherever an amount of it goes (another journal, a worker, a
 * recipe) its sugar goes along, and an old batch keeps the figures it was made with.
 *
 * @param own sugar and acid 0–100 g per 100 g, together at most 100, to a tenth; cup 1–500 g; a name of 1–32 letters
 * @example ownId({ name: 'Medlar', like: 'plum', sugar: 10.5, acid: null, cupGrams: 150 }) // 'own:plum:105::150:Medlar'
 */
export const ownId = ({ name, like, sugar, acid, cupGrams }: OwnIngredient): string =>
  `${prefix}${like}:${written(sugar)}:${written(acid)}:${cupGrams === null ? '' : Math.round(cupGrams)}:${name.trim().slice(0, longestOwnName)}`;

/** What an id describes; null for one that is no own ingredient's, or whose figures cannot be. */
export function ownOf(id: string): OwnIngredient | null {
  const match = /^own:([a-z][a-z0-9-]{1,40}):(\d*):(\d*):(\d*):(.*\S.*)$/.exec(id);
  if (!match || id.length > 80) return null;
  const [, like = '', sugarText = '', acidText = '', cupText = '', name = ''] = match;
  const sugar = number(sugarText, 100);
  const acid = number(acidText, 100);
  const cupGrams = cupText === '' ? null : Number(cupText);
  if (sugar === undefined || acid === undefined || (sugar ?? 0) + (acid ?? 0) > 100) return null;
  if (cupGrams !== null && !(cupGrams >= 1 && cupGrams <= mostCupGrams)) return null;
  return name.length > longestOwnName ? null : { name, like, sugar, acid, cupGrams };
}

/**
 * An own ingredient in full: as what it is like, with its own sugar, acid and cup.
 *
 * @param like the table's ingredient
 */
export function ownIngredient(id: string, own: OwnIngredient, like: Ingredient): Ingredient {
  const out: Record<Substance, number> = { ...nothing, ...like.composition };
  share(out, sweet, own.sugar, 'glucose', 'fructose');
  share(out, sour, own.acid, 'citric', 'citric');
  // What was stated stands; what it is like has the other shrinks to the room that is left.
  if (own.acid === null) within(out, sour, 1 - sum(out, sweet));
  else if (own.sugar === null) within(out, sweet, 1 - sum(out, sour));
  // Water makes up what is left; where sugar and acid leave too little room, the rest shrinks.
  const named = sum(out, [...sweet, ...sour]);
  const rest = gramsIn(out) - named - out.water;
  const room = Math.max(0, 1 - named);
  const shrink = rest > room ? room / rest : 1;
  const kept = new Set<string>([...sweet, ...sour, 'water']);
  for (const key of Object.keys(out) as Substance[]) if (!kept.has(key)) out[key] *= shrink;
  out.water = Math.max(0, room - rest * shrink);
  const each = own.cupGrams === null ? null : own.cupGrams / cupMl;
  const spooned = each === null ? like.spooned : cutAs(like.spooned, each);
  return {
    ...like,
    density: each !== null && 'liquid' in like.spooned ? each : like.density,
    id,
    name: own.name,
    composition: out,
    spooned,
    source: `described by the maker, as ${like.name.toLowerCase()}`,
  };
}

const sum = (of: Record<Substance, number>, keys: readonly Substance[]): number =>
  keys.reduce((total, key) => total + of[key], 0);

function within(out: Record<Substance, number>, keys: readonly Substance[], room: number) {
  const there = sum(out, keys);
  if (there > room) for (const key of keys) out[key] *= Math.max(0, room) / there;
}

/** Substances of a kind brought to a stated mass, in the proportions they stand; of both given where there were none. */
function share(
  out: Record<Substance, number>,
  keys: readonly Substance[],
  stated: number | null,
  first: Substance,
  second: Substance,
) {
  if (stated === null) return;
  const there = sum(out, keys);
  if (there > 0) for (const key of keys) out[key] *= stated / 100 / there;
  else {
    out[first] += stated / 200;
    out[second] += stated / 200;
  }
}

const cutAs = (spooned: Ingredient['spooned'], each: number): Ingredient['spooned'] =>
  Object.fromEntries(Object.keys(spooned).map((form) => [form, each]));
