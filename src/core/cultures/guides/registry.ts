import { knownCultures } from '../registry';
import type { Culture } from '../culture';
import { peel, rawGinger } from './bare';
import { guide as gingerBug } from './ginger-bug';
import type { Guide, WayToBegin } from './guide';
import { cup, sediment } from './last-batch';
import { aleYeast, breadYeast, wineYeast } from './packaged-yeast';
import { guide as teaMother } from './tea-mother';
import { guide as waterKefir } from './water-kefir';
import { guide as whey } from './whey';
import { guide as wild } from './wild';

/** How each kind is begun, in the order they are offered. A new kind has its guide here. */
const guides: Readonly<Record<string, Guide>> = {
  'ginger-bug': gingerBug,
  'water-kefir-grains': waterKefir,
  wild,
  whey,
  'tea-mother': teaMother,
  'last-batch': cup,
  sediment,
  'wine-yeast': wineYeast,
  'ale-yeast': aleYeast,
  'bread-yeast': breadYeast,
  peel,
  bare: rawGinger,
};

/** Looks a guide up by the kind's id. */
export type GuideTable = (culture: string | null) => Guide | undefined;
export const knownGuides: GuideTable = (culture) => (culture === null ? undefined : guides[culture]);

/** Every way to begin something living, with its kind. */
export const waysToBegin: readonly { readonly way: WayToBegin; readonly culture: Culture }[] = Object.entries(
  guides,
).flatMap(([id, { ways }]) => ways.map((way) => ({ way, culture: knownCultures(id)! })));
