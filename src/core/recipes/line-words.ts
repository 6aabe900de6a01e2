import type { Form } from '../matter/ingredient';
import { gramsPer, millilitresPer } from '../measures/units';

const glyphs: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '⅓': ' 1/3',
  '⅔': ' 2/3',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
};
export const numberWords: ReadonlyMap<string, number> = new Map(Object.entries({
  a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, dozen: 12, half: 0.5, couple: 2,
})); // prettier-ignore

/** Volumes, ml. A pint, a quart and a gallon are taken as those that go with the cup, and said to be estimates: they differ by country. */
export const volumes: ReadonlyMap<string, number> = new Map(Object.entries({
  ...millilitresPer,
  teaspoon: 5, teaspoons: 5, tsps: 5, t: 5, dessertspoon: 10, dessertspoons: 10, dsp: 10,
  tablespoon: 15, tablespoons: 15, tbsps: 15, tbs: 15, tb: 15, tblsp: 15,
  cups: millilitresPer.cup, c: millilitresPer.cup, millilitre: 1, millilitres: 1, milliliter: 1, milliliters: 1, mls: 1, cc: 1,
  centilitre: 10, centilitres: 10, decilitre: 100, decilitres: 100, litre: 1000, litres: 1000, liter: 1000, liters: 1000, ltr: 1000,
  'fl oz': 29.6, 'fluid ounce': 29.6, 'fluid ounces': 29.6, floz: 29.6, dash: 0.6, dashes: 0.6, pinch: 0.3, pinches: 0.3,
  el: 15, eetlepel: 15, eetlepels: 15, tl: 5, theelepel: 5, theelepels: 5, snufje: 0.3,
  kop: millilitresPer.cup, koppen: millilitresPer.cup, kopje: millilitresPer.cup, kopjes: millilitresPer.cup,
  pint: 473.2, pints: 473.2, pt: 473.2, quart: 946.4, quarts: 946.4, qt: 946.4, qts: 946.4, gallon: 3785.4, gallons: 3785.4, gal: 3785.4,
})); // prettier-ignore
export const national = /^(pint|pt|quart|qt|gal)/;
export const masses: ReadonlyMap<string, number> = new Map(Object.entries({
  ...gramsPer,
  gram: 1, grams: 1, gramme: 1, grammes: 1, gr: 1, gm: 1, gms: 1, kilo: 1000, kilos: 1000, kilogram: 1000, kilograms: 1000, kgs: 1000,
  ounce: gramsPer.oz, ounces: gramsPer.oz, pound: gramsPer.lb, pounds: gramsPer.lb, lbs: gramsPer.lb,
})); // prettier-ignore
/** Measures that differ from kitchen to kitchen: never turned into an amount in silence. */
export const vague = new Set([
  'mug', 'mugs', 'glass', 'glasses', 'handful', 'handfuls', 'bunch', 'bunches',
  'can', 'cans', 'tin', 'tins', 'bottle', 'bottles', 'jar', 'jars', 'packet', 'packets', 'sachet', 'sachets', 'bag', 'bags', 'knob', 'knobs',
  'thumb', 'thumbs', 'sprig', 'sprigs', 'stalk', 'stalks', 'scoop', 'scoops', 'splash', 'drizzle', 'drop', 'drops', 'slice', 'slices',
  'wedge', 'wedges', 'gill', 'gills', 'punnet', 'punnets', 'box', 'boxes', 'inch', 'cm', 'piece', 'pieces', 'lump', 'cube', 'cubes', 'part', 'parts',
]); // prettier-ignore
/** Sizes of spoons and pieces that change what was meant too much to guess. */
export const changing = /\b(heaped|heaping|rounded|scant|generous|large|small|big|tiny|huge)\b/;
/** What a size makes of a piece: practice. */
export const sizes: readonly (readonly [RegExp, number])[] = [
  [/\b(small|tiny)\b/, 0.65],
  [/\b(large|big|huge)\b/, 1.4],
];
export const forms: readonly (readonly [RegExp, Form])[] = [
  [/\b(grated|minced)\b/, 'grated'],
  [/\b(pur[eé]ed|blended|mashed)\b/, 'pureed'],
  [/\b(chopped|diced|crushed)\b/, 'chopped'],
  [/\bsliced\b/, 'sliced'],
];
/** Words that change nothing of what an ingredient is. */
export const idle = /\b(van|de|het|een|verse|vers|of|the|some|fresh|freshly|organic|unwaxed|untreated|unpeeled|unwashed|peeled|ripe|washed|rinsed|squeezed|loose|level|about|approx|approximately|roughly|ca|circa|around|whole|medium|medium-sized|good|best|finely|coarsely|thinly|grated|minced|chopped|diced|crushed|sliced|blended|mashed|stoned|pitted|halved|quartered|cored|packed|unsprayed|plus|extra)\b/g; // prettier-ignore

export const plainText = (line: string): string =>
  line
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (glyph) => glyphs[glyph]!)
    .normalize('NFKC')
    .replace(/[⁄∕]/g, '/')
    .replace(/[–—−]/g, '-')
    .replace(/[’']/g, "'")
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/^[\s\-*•·▪]+/, '')
    .replace(/\s+/g, ' ')
    .trim();
