import type { Form } from '../matter/ingredient';
import { isPoured, spoonGrams, type Portion } from '../matter/portion';
import { gramsPer, millilitresPer } from '../measures/units';
import { gramsOfPiece, idByName, ofOneCitrus } from './ingredient-names';

/** What must be asked about a line before it is an amount. */
export type Question = 'what' | 'how-much' | 'unit' | 'which';

/** A line of a recipe as it was understood: an amount of something, or what is to be asked. */
export interface ReadLine {
  readonly line: string;
  /** Null when something must be asked. */
  readonly portion: Portion | null;
  /** The ingredient, as far as it is known. */
  readonly what: string | null;
  readonly asks: Question | null;
  /** How sure: a count by a middling piece, a range's middle, or a pinch is an estimate. */
  readonly about: boolean;
}

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
const numberWords: Readonly<Record<string, number>> = {
  a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, dozen: 12, half: 0.5, couple: 2,
}; // prettier-ignore

/** Volumes, ml. A pint is another one in each country: it is asked about. */
const volumes: Readonly<Record<string, number>> = {
  ...millilitresPer,
  teaspoon: 5, teaspoons: 5, tsps: 5, t: 5, dessertspoon: 10, dessertspoons: 10, dsp: 10,
  tablespoon: 15, tablespoons: 15, tbsps: 15, tbs: 15, tb: 15, tblsp: 15,
  cups: millilitresPer.cup, c: millilitresPer.cup, millilitre: 1, millilitres: 1, milliliter: 1, milliliters: 1, mls: 1, cc: 1,
  centilitre: 10, centilitres: 10, decilitre: 100, decilitres: 100, litre: 1000, litres: 1000, liter: 1000, liters: 1000, ltr: 1000,
  'fl oz': 29.6, 'fluid ounce': 29.6, 'fluid ounces': 29.6, floz: 29.6, dash: 0.6, dashes: 0.6, pinch: 0.3, pinches: 0.3,
}; // prettier-ignore
const masses: Readonly<Record<string, number>> = {
  ...gramsPer,
  gram: 1, grams: 1, gramme: 1, grammes: 1, gr: 1, gm: 1, gms: 1, kilo: 1000, kilos: 1000, kilogram: 1000, kilograms: 1000, kgs: 1000,
  ounce: gramsPer.oz, ounces: gramsPer.oz, pound: gramsPer.lb, pounds: gramsPer.lb, lbs: gramsPer.lb,
}; // prettier-ignore
/** Measures that differ from kitchen to kitchen: never turned into an amount in silence. */
const vague = new Set([
  'pint', 'pints', 'quart', 'quarts', 'gallon', 'gallons', 'mug', 'mugs', 'glass', 'glasses', 'handful', 'handfuls', 'bunch', 'bunches',
  'can', 'cans', 'tin', 'tins', 'bottle', 'bottles', 'jar', 'jars', 'packet', 'packets', 'sachet', 'sachets', 'bag', 'bags', 'knob', 'knobs',
  'thumb', 'thumbs', 'sprig', 'sprigs', 'stalk', 'stalks', 'scoop', 'scoops', 'splash', 'drizzle', 'drop', 'drops', 'slice', 'slices',
  'wedge', 'wedges', 'gill', 'gills', 'punnet', 'punnets', 'box', 'boxes', 'inch', 'cm', 'piece', 'pieces', 'lump', 'cube', 'cubes', 'part', 'parts',
]); // prettier-ignore
/** Sizes of spoons and pieces that change what was meant too much to guess. */
const changing = /\b(heaped|heaping|rounded|scant|generous|large|small|big|tiny|huge)\b/;
const forms: readonly (readonly [RegExp, Form])[] = [
  [/\b(grated|minced)\b/, 'grated'],
  [/\b(pur[eé]ed|blended|mashed)\b/, 'pureed'],
  [/\b(chopped|diced|crushed)\b/, 'chopped'],
  [/\bsliced\b/, 'sliced'],
];
/** Words that change nothing of what an ingredient is. */
const idle = /\b(of|the|some|fresh|freshly|organic|unwaxed|untreated|unpeeled|unwashed|peeled|ripe|washed|rinsed|squeezed|loose|level|about|approx|approximately|roughly|ca|circa|around|whole|medium|medium-sized|good|best|finely|coarsely|thinly|grated|minced|chopped|diced|crushed|sliced|blended|mashed|stoned|pitted|halved|quartered|cored|packed|unsprayed|plus|extra)\b/g; // prettier-ignore

const plainText = (line: string): string =>
  line
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (glyph) => glyphs[glyph]!)
    .normalize('NFKC')
    .replace(/[⁄∕]/g, '/')
    .replace(/[–—−]/g, '-')
    .replace(/[’']/g, "'")
    .replace(/é/g, 'e')
    .toLowerCase()
    .replace(/^[\s\-*•·▪]+/, '')
    .replace(/\s+/g, ' ')
    .trim();

interface Counted {
  readonly value: number;
  readonly range: boolean;
  readonly rest: string;
}

const one = String.raw`(?:\d+ \d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?)`;
const leading = new RegExp(String.raw`^(${one})(?:\s*(?:-|to|or)\s*(${one}))?\s*(.*)$`);

function valueOf(text: string): number {
  const parts = text.split(' ');
  const fraction = (part: string) => {
    const [over, under] = part.split('/').map(Number) as [number, number];
    return over / under;
  };
  if (parts.length === 2) return Number(parts[0]) + fraction(parts[1]!);
  return text.includes('/') ? fraction(text) : Number(text.replace(',', '.'));
}

/** The number a line begins with, if it does; a comma or point before three digits groups thousands. */
function counted(text: string): Counted | null {
  const grouped = text.replace(/^(\d{1,3})[,. ](?=\d{3}(?!\d))/, '$1');
  const match = leading.exec(grouped);
  if (match) {
    const [, low = '', high, rest = ''] = match;
    const from = valueOf(low);
    const to = high === undefined ? from : valueOf(high);
    return Number.isFinite(from) && Number.isFinite(to)
      ? { value: (from + to) / 2, range: from !== to, rest }
      : null;
  }
  const several = /^(?:an? )?(half|couple|dozen)\b(?: of)?(?: an?)? ?(.*)$/.exec(text);
  const word = several ?? /^([a-z]+)\b ?(.*)$/.exec(text);
  const value = word ? numberWords[word[1]!] : undefined;
  if (value === undefined) return null;
  const dozen = /^dozen\b ?(.*)$/.exec(word![2]!);
  return dozen
    ? { value: value * 12, range: false, rest: dozen[1]! }
    : { value, range: false, rest: word![2]! };
}

/** The unit a text begins with, longest first. */
function unitAt(text: string): { readonly unit: string; readonly rest: string } | null {
  const match = /^(fl\.? ?oz\.?|fluid ounces?|[a-z]+)\b\.?\s*(.*)$/.exec(text);
  if (!match) return null;
  const unit = match[1]!.replace(/\./g, '').replace(/^fl ?oz$/, 'fl oz');
  return unit in volumes || unit in masses || vague.has(unit) ? { unit, rest: match[2]! } : null;
}

/** The ingredient a text names: null for none, two or more. */
function named(text: string): { readonly id: string | null; readonly several: boolean } {
  const clean = text
    .replace(/\(.*?\)/g, ' ')
    .replace(/,.*$/, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const direct = idByName.get(clean);
  if (direct) return { id: direct, several: false };
  if (/ (or|and|plus) |\//.test(clean) && !idByName.has(clean.replace(idle, ' ').replace(/\s+/g, ' ').trim()))
    return { id: null, several: true };
  const bare = clean.replace(idle, ' ').replace(/\s+/g, ' ').trim();
  return { id: idByName.get(bare) ?? null, several: false };
}

const refused = (line: string, what: string | null, asks: Question): ReadLine => ({
  line,
  portion: null,
  what,
  asks,
  about: false,
});

/**
 * Reads a line of a recipe as people write it: "1 1/2 cups sugar", "200g plums, stoned", "juice of 2 lemons", "a pinch of salt",
 * "2-3 tbsp honey", "3 pears". What cannot be known for sure is asked about: an ingredient that is not in the table, a measure
 * that differs from kitchen to kitchen (a pint, a handful, a can), a spoon that is heaped, one of two things.
 *
 * @returns the amount in grams or millilitres, or what to ask; never a guess in silence
 * @source weights of a middling piece: practice
 */
export function readLine(line: string): ReadLine {
  const text = plainText(line);
  const citrus = citrusOf(line, text);
  if (citrus) return citrus;
  const count = counted(text.replace(/^(about|approx\.?|approximately|roughly|ca\.?|circa|around) /, ''));
  if (!count) {
    const { id } = named(text);
    return refused(line, id, id ? 'how-much' : 'what');
  }
  const rest = count.rest.replace(/^(level|flat) /, '');
  // "2 x 500 g": so many times an amount.
  const times = /^[x×] ?(\d.*)$/.exec(rest);
  if (times) {
    const each = readLine(times[1]!);
    return each.portion ? { ...each, line, portion: timesOf(each.portion, count.value) } : { ...each, line };
  }
  const found = unitAt(rest.replace(changing, ' ').replace(/\s+/g, ' ').trim());
  const name = found ? found.rest.replace(/^(of|de) /, '') : rest;
  const { id, several } = named(name.replace(changing, ' '));
  if (several) return refused(line, null, 'which');
  if (!id) return refused(line, null, 'what');
  const weighed = /\((?:about |approx\.? |ca\.? )?(\d+(?:[.,]\d+)?) ?(g|kg|ml|l)\)/.exec(text);
  if (weighed) {
    const portion = amountOf(id, Number(weighed[1]!.replace(',', '.')), weighed[2]!, undefined);
    return { line, what: id, asks: null, about: true, portion };
  }
  if (changing.test(rest.replace(/\(.*?\)/g, '').replace(/,.*$/, ''))) return refused(line, id, 'how-much');
  const form = forms.find(([pattern]) => pattern.test(text))?.[1];
  if (!found) return piecesOf(line, id, count);
  if (vague.has(found.unit)) return refused(line, id, 'unit');
  return {
    line,
    what: id,
    asks: null,
    about: count.range || /^(pinch|dash)/.test(found.unit),
    portion: amountOf(id, count.value, found.unit, form),
  };
}

const round = (value: number) => Number(value.toFixed(value < 1 ? 3 : 1));
const timesOf = (portion: Portion, times: number): Portion => ({
  ...portion,
  ...(portion.grams === undefined ? {} : { grams: round(portion.grams * times) }),
  ...(portion.ml === undefined ? {} : { ml: round(portion.ml * times) }),
});

function amountOf(what: string, count: number, unit: string, form: Form | undefined): Portion {
  const shaped = form ? { form } : {};
  if (unit in masses) return { what, grams: round(count * masses[unit]!), ...shaped };
  const ml = count * volumes[unit]!;
  return isPoured(what)
    ? { what, ml: round(ml) }
    : { what, grams: round(ml * spoonGrams(what, form)), ...shaped };
}

/** So many pieces of something: by the weight of a middling one, if one is known. */
function piecesOf(line: string, what: string, { value }: Counted): ReadLine {
  const each = gramsOfPiece[what];
  return each === undefined
    ? refused(line, what, 'unit')
    : { line, what, asks: null, about: true, portion: { what, grams: round(value * each) } };
}

/** "juice of 2 lemons", "2 limes, juiced", "zest of an orange", "juice of half a lemon". */
function citrusOf(line: string, text: string): ReadLine | null {
  const fruit = /\b(lemon|lime|orange)s?\b/.exec(text)?.[1] as keyof typeof ofOneCitrus | undefined;
  if (!fruit || /\b(leaf|leaves)\b/.test(text)) return null;
  const both = /\bjuice and zest\b|\bzest and juice\b/.test(text);
  const juice = /\bjuice of\b|, juice(d)?( only)?$|'s juice$|^juice from\b/.test(text);
  const zest = /\bzest of\b|, zest(ed)?( only)?$|\bpeel of\b|, rind only$/.test(text);
  const bare = new RegExp(
    String.raw`^(${one}|an?|half an?|half|two|three|four|five|six) (?:${one} )?(?:[a-z-]+ )?${fruit}s?(?:[,(].*)?$`,
  ).test(text);
  if (both) return refused(line, null, 'which');
  if (!juice && !zest) return bare ? refused(line, null, 'which') : null;
  const amount = text.replace(/^.*?\b(juice|zest|peel) (of|from) /, '').replace(/^(the) /, '');
  const number = counted(amount);
  // "half a lemon", "2 unwaxed lemons": a number and then the fruit; "a few lemons" is none.
  const direct = new RegExp(`^${fruit}s?\\b`);
  const count =
    number &&
    direct.test(
      number.rest
        .replace(idle, ' ')
        .replace(/^(an?|\s)+ /, ' ')
        .trim(),
    )
      ? number
      : new RegExp(`^(an? )?${fruit}\\b`).test(amount)
        ? { value: 1 }
        : null;
  const { juice: ml, zest: grams, juiceId, zestId } = ofOneCitrus[fruit];
  if (!count || changing.test(text)) return refused(line, juice ? juiceId : zestId, 'how-much');
  if (juice)
    return {
      line,
      what: juiceId,
      asks: null,
      about: true,
      portion: { what: juiceId, ml: round(count.value * ml) },
    };
  return grams === null || zestId === null
    ? refused(line, null, 'what')
    : {
        line,
        what: zestId,
        asks: null,
        about: true,
        portion: { what: zestId, grams: round(count.value * grams) },
      };
}
