import type { Form } from '../matter/ingredient';
import { ingredientOf } from '../matter/ingredients/registry';
import { isPoured, spoonGrams, type Portion } from '../matter/portion';
import { idByName } from './ingredient-names';
import {
  changing,
  forms,
  idle,
  masses,
  national,
  numberWords,
  plainText,
  sizes,
  vague,
  volumes,
} from './line-words';
import { gramsOfPart, gramsOfPiece, ofOneCitrus } from './piece-weights';

/** What must be asked about a line before it is an amount. */
type OpenQuestion = 'what' | 'how-much' | 'unit' | 'which';

/** A line of a recipe as it was understood: an amount of something, or what is to be asked. */
export interface ReadLine {
  readonly line: string;
  /** Null when something must be asked. */
  readonly portion: Portion | null;
  /** The ingredient, as far as it is known. */
  readonly what: string | null;
  readonly asks: OpenQuestion | null;
  /** How sure: a count by a middling piece, a range's middle, or a pinch is an estimate. */
  readonly about: boolean;
}

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
  const grouped = text.replace(/^\d{1,3}(?:[,. ]\d{3})+(?![\d,.])/, (digits) => digits.replace(/\D/g, ''));
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
  const value = word ? numberWords.get(word[1]!) : undefined;
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
  return volumes.has(unit) || masses.has(unit) || vague.has(unit) ? { unit, rest: match[2]! } : null;
}

/** The ingredient a text names: null for none, two or more. */
function named(text: string, names: Names): { readonly id: string | null; readonly several: boolean } {
  const clean = text
    .replace(/\(.*?\)/g, ' ')
    .replace(/,.*$/, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const direct = names.get(clean);
  if (direct) return { id: direct, several: false };
  if (/ (or|and|plus) |\//.test(clean) && !names.has(clean.replace(idle, ' ').replace(/\s+/g, ' ').trim()))
    return { id: null, several: true };
  const bare = clean.replace(idle, ' ').replace(/\s+/g, ' ').trim();
  return { id: names.get(bare) ?? null, several: false };
}

/** Ids by plain name: the table's, or those and the maker's own. */
type Names = ReadonlyMap<string, string>;

const refused = (line: string, what: string | null, asks: OpenQuestion): ReadLine => ({
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
 * @param names what may be named, by plain name; the table's when left out
 * @returns the amount in grams or millilitres, or what to ask; never a guess in silence
 * @source weights of a middling piece: practice
 */
export function readLine(line: string, names: Names = idByName): ReadLine {
  // No line of a recipe is that long: what is pasted by mistake is not searched through.
  if (line.length > longestLine) return refused(line, null, 'what');
  const read = readPlain(line, plainText(line), names);
  const { grams, ml } = read.portion ?? {};
  const amount = grams ?? ml ?? 1;
  return amount > 0 && amount <= largestAmount ? read : refused(line, read.what, 'how-much');
}

/** Letters of the longest line that is read. */
const longestLine = 200;
/** No recipe holds more of one thing, g or ml. */
const largestAmount = 100_000;

/** "pinch of salt", "handful of mint": one of it. */
const leadingUnit = /^(pinch|dash|handful|knob|sprig|slice)\b/;

function readPlain(line: string, text: string, names: Names): ReadLine {
  const sum = summed(line, text, names);
  if (sum) return sum;
  const citrus = citrusOf(line, text);
  if (citrus) return citrus;
  const told = text.replace(/^(about|approx\.?|approximately|roughly|ca\.?|circa|around) /, '');
  const count = counted(leadingUnit.test(told) ? `1 ${told}` : told);
  if (!count) {
    const { id } = named(text, names);
    return refused(line, id, id ? 'how-much' : 'what');
  }
  const rest = count.rest.replace(/^(level|flat) /, '');
  // "2 x 500 g": so many times an amount.
  const times = /^[x×] ?(\d.*)$/.exec(rest);
  if (times) {
    const each = /^[^x×]*[x×] ?\d/.test(times[1]!)
      ? refused(line, null, 'how-much')
      : readPlain(line, times[1]!, names);
    return each.portion ? { ...each, line, portion: timesOf(each.portion, count.value) } : { ...each, line };
  }
  const part = partOf(line, rest, count.value, names);
  if (part) return part;
  const found = unitAt(rest.replace(changing, ' ').replace(/\s+/g, ' ').trim());
  const name = found ? found.rest.replace(/^(of|de) /, '') : rest;
  const { id, several } = named(name.replace(changing, ' '), names);
  if (several) return refused(line, null, 'which');
  if (!id) return refused(line, null, 'what');
  const weighed = /\((?:about |approx\.? |ca\.? )?(\d+(?:[.,]\d+)?) ?(g|kg|ml|l)\)/.exec(text);
  if (weighed) {
    const portion = amountOf(id, Number(weighed[1]!.replace(',', '.')), weighed[2]!, undefined);
    return { line, what: id, asks: null, about: true, portion };
  }
  const size = sizes.find(([pattern]) => pattern.test(rest))?.[1] ?? 1;
  if (changing.test(rest.replace(/\(.*?\)/g, '').replace(/,.*$/, '')) && (found || size === 1))
    return refused(line, id, 'how-much');
  // A form in the name of a thing (crushed malt) says nothing of how it is cut here.
  const cut = text.replace(plainText(ingredientOf(id).name).replace(/,/g, ''), '');
  const form = names.has(name.trim()) ? undefined : forms.find(([pattern]) => pattern.test(cut))?.[1];
  // By the spoon it may be fresh or ground.
  if (id === 'turmeric' && found && volumes.has(found.unit) && !/fresh|root/.test(text))
    return refused(line, null, 'which');
  if (!found) return piecesOf(line, id, count.value * size);
  if (vague.has(found.unit)) return refused(line, id, 'unit');
  return {
    line,
    what: id,
    asks: null,
    about: count.range || /^(pinch|dash)/.test(found.unit) || national.test(found.unit),
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
  const mass = masses.get(unit);
  if (mass !== undefined) return { what, grams: round(count * mass), ...shaped };
  const ml = count * (volumes.get(unit) ?? 0);
  return isPoured(what)
    ? { what, ml: round(ml) }
    : { what, grams: round(ml * spoonGrams(what, form)), ...shaped };
}

/** "1 cup plus 1 tablespoon sugar": two amounts of one thing. */
function summed(line: string, text: string, names: Names): ReadLine | null {
  const match = new RegExp(String.raw`^(${one} ?[a-z]+)\.? (?:plus|and|\+) (${one} ?[a-z]+)\.? (.+)$`).exec(
    text,
  );
  if (!match) return null;
  const [, first = '', second = '', name = ''] = match;
  const [a, b] = [first, second].map((amount) => readPlain(line, `${amount} ${name}`, names));
  if (!a?.portion || !b?.portion || a.what !== b.what) return null;
  const both = (x: number | undefined, y: number | undefined) =>
    x === undefined || y === undefined ? undefined : round(x + y);
  const grams = both(a.portion.grams, b.portion.grams);
  const ml = both(a.portion.ml, b.portion.ml);
  if (grams === undefined && ml === undefined) return null;
  const { form } = a.portion;
  const portion = {
    what: a.portion.what,
    ...(grams === undefined ? { ml } : { grams }),
    ...(form ? { form } : {}),
  };
  return { ...a, line, portion, about: a.about || b.about };
}

/** "2 slices of ginger", "1 tea bag", "3 mint sprigs": a part of something, by what such a part weighs. */
function partOf(line: string, rest: string, value: number, names: Names): ReadLine | null {
  const bag = rest.replace(/^tea ?bags?( of)?$/, 'bag of black tea').replace(/^tea ?bags? of /, 'bag of ');
  const match =
    /^(slice|sprig|stalk|stick|bag)s? (?:of )?(.+)$/.exec(bag) ??
    /^(.+?) (slice|sprig|stalk|stick|bag)s?$/.exec(bag);
  if (!match) return null;
  const [, a = '', b = ''] = match;
  const parts = (key: string) => (Object.hasOwn(gramsOfPart, key) ? gramsOfPart[key] : undefined);
  const [weights, name] = parts(a) ? [parts(a), b] : [parts(b), a];
  const { id } = named(name, names);
  const grams = id && weights && Object.hasOwn(weights, id) ? weights[id] : undefined;
  return id && grams !== undefined
    ? { line, what: id, asks: null, about: true, portion: { what: id, grams: round(value * grams) } }
    : null;
}

/** So many pieces of something: by the weight of a middling one, if one is known. */
function piecesOf(line: string, what: string, value: number): ReadLine {
  const each = Object.hasOwn(gramsOfPiece, what) ? gramsOfPiece[what] : undefined;
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
  if (both) return refused(line, null, 'which');
  // A lemon is a lemon: whole, by the weight of a middling one.
  if (!juice && !zest) return null;
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
