import type { Culture, JarCare } from './culture';
import { bare, peel } from './kinds/bare';
import { gingerBug } from './kinds/ginger-bug';
import { lastBatch, sediment } from './kinds/last-batch';
import { aleYeast, breadYeast, wineYeast } from './kinds/packaged-yeast';
import { teaMother } from './kinds/tea-mother';
import { waterKefirGrains, waterKefirLiquid } from './kinds/water-kefir';
import { whey } from './kinds/whey';
import { wild } from './kinds/wild';

/** The living things that the published scenario may name, in the order of its schema. */
const published = [
  gingerBug,
  waterKefirGrains,
  waterKefirLiquid,
  whey,
  wild,
  bare,
  wineYeast,
  aleYeast,
  breadYeast,
  teaMother,
  lastBatch,
] as const;

/** Every kind Yuzet knows. A new one is a file in kinds/ and a name here. */
export const cultures: readonly Culture[] = [...published, peel, sediment];

export const publishedCultures = published.map(({ id }) => id) as [string, ...string[]];

/** Looks a culture up by id: the app's table, or one with guests. */
export type CultureTable = (id: string | null) => Culture | null;

const byId = new Map(cultures.map((culture) => [culture.id, culture]));

export const knownCultures: CultureTable = (id) => (id === null ? null : (byId.get(id) ?? null));

/** A table that knows one more kind. */
export const withGuest =
  (guest: Culture, table: CultureTable = knownCultures): CultureTable =>
  (id) =>
    id === guest.id ? guest : table(id);

/** What a batch's own liquid pitches another with, when its kind is not kept in a jar. */
export const lastBatchId = lastBatch.id;
export const sedimentId = sediment.id;
export const bareId = bare.id;
export const peelId = peel.id;

/** The kind offered first where a maker begins. */
export const firstKind: Culture & { readonly keeping: JarCare } = {
  ...gingerBug,
  keeping: gingerBug.keeping!,
};

/** Kinds that are kept in a jar of their own. */
export const keptKinds = cultures.filter(
  (culture): culture is Culture & { readonly keeping: JarCare } => culture.keeping !== null,
);

/** The culture that a portion of an ingredient is, if it is one. */
export const cultureOfIngredient = (what: string): Culture | null =>
  cultures.find(({ ingredients }) => ingredients.includes(what)) ?? null;
