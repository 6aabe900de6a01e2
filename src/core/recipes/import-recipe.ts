import type { Row } from '../brew/composition';
import { cultures } from '../cultures/registry';
import type { BaseKind } from '../matter/base-kinds';
import { contentsOf } from '../lots/begin';
import type { When } from '../lots/records/method';
import { liquidMl } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, mlOfPortion, type Portion } from '../matter/portion';
import { parseMeasure } from '../measures/parse-measure';
import { readLine, type ReadLine } from './ingredient-line';
import type { RecipeText } from './recipe-json';

/** A recipe from elsewhere as it was understood: rows, a dose, what must be asked. */
export interface ImportedRecipe {
  readonly name: string;
  readonly about: string;
  readonly base: BaseKind;
  readonly ml: number;
  readonly rows: readonly Row[];
  /** The living dose, when a line names one. */
  readonly culture: string | null;
  readonly dose: number;
  readonly asked: readonly ReadLine[];
  /** Lines read by the weight of a middling piece, the middle of a range or a pinch: said, not passed over. */
  readonly estimated: readonly ReadLine[];
}

/** Names of living things as recipes call them, the longer first. */
const livingNames = cultures
  .filter(({ keeping, bare }) => keeping !== null && bare === null)
  .map(({ id, name, unit }) => ({ id, name, unit }))
  .sort((a, b) => b.name.length - a.name.length);

/** A living dose that a line names: its kind, null for just "starter", and how much. */
export interface DoseLine {
  readonly culture: string | null;
  readonly amount: number;
}

/** A line that names a starter, with its amount as its kind is measured, ml or g: "120 ml ginger bug". */
export function doseLine(line: string): DoseLine | null {
  const lower = line.toLowerCase();
  const living =
    livingNames.find(({ name }) => lower.includes(name)) ??
    (/\bstarter\b/.test(lower) ? { id: null, name: 'starter', unit: 'ml' as const } : undefined);
  if (!living || readLine(line).portion) return null;
  // Read as water, which is poured by the same measures.
  const read = readLine(lower.replace(living.name, 'water').replace(/\b(active|lively|strained)\b/g, ' '));
  const amount = read.portion ? (living.unit === 'ml' ? read.portion.ml : read.portion.grams) : undefined;
  return amount !== undefined && amount > 0 ? { culture: living.id, amount } : null;
}

/** The base that some ingredients make, where nobody said: by what there is most of. */
export function baseOf(portions: readonly Portion[], ml: number): BaseKind {
  const sum = (is: (family: string, what: string) => boolean, size: (portion: Portion) => number) =>
    portions.reduce(
      (total, portion) => total + (is(ingredientOf(portion.what).family, portion.what) ? size(portion) : 0),
      0,
    );
  if (sum((family) => family === 'juice', mlOfPortion) > 0.3 * ml) return 'juice';
  if (sum((_, what) => what === 'pineapple-rind', gramsOfPortion) > 0) return 'peel';
  if (sum((family) => family === 'fruit' || family === 'puree', gramsOfPortion) > 0.1 * ml) return 'fruit';
  if (sum((_, what) => what === 'black-tea' || what === 'green-tea', gramsOfPortion) > 0) return 'black-tea';
  if (sum((family) => family === 'ginger', gramsOfPortion) > 0.008 * ml) return 'ginger-tea';
  if (sum((family) => ['herb', 'flower', 'tea'].includes(family), gramsOfPortion) > 0) return 'herb-tea';
  if (sum((family) => family === 'mineral', gramsOfPortion) > 0) return 'mineral-sugar';
  return 'syrup';
}

/** When something usually goes in: sour, salt, dairy and packets once it is cool. */
export const usualWhen = (what: string, heated: boolean): When => {
  const { family } = ingredientOf(what);
  if (['citrus', 'salt', 'dairy', 'culture'].includes(family)) return 'last';
  return heated ? 'pot' : 'cold';
};

/** No recipe has more lines than this; what comes after is no recipe. */
const mostLines = 80;

/** Lines of a recipe file laid out as a composition; what is not sure is asked about, never guessed. */
export function imported(text: RecipeText, names?: ReadonlyMap<string, string>): ImportedRecipe {
  const asked: ReadLine[] = [];
  const estimated: ReadLine[] = [];
  const portions: Portion[] = [];
  let living: ReturnType<typeof doseLine> = null;
  for (const line of text.lines.slice(0, mostLines)) {
    const dose = doseLine(line);
    if (dose && !living) {
      living = dose;
      continue;
    }
    const read = readLine(line, names);
    if (read.portion) portions.push(read.portion);
    else asked.push(read);
    if (read.portion && read.about) estimated.push(read);
  }
  const rows = portions
    .filter(({ what }) => what !== 'water')
    .map((portion): Row => ({ portion, when: usualWhen(portion.what, true) }));
  const water = portions
    .filter(({ what }) => what === 'water')
    .reduce((ml, each) => ml + mlOfPortion(each), 0);
  const own = liquidMl(contentsOf(portions)) + (living?.amount ?? 0);
  const said = text.makes === null ? null : parseMeasure(text.makes, 'l');
  const makes = (said?.ok && said.value.millilitres) || 0;
  const ml = water > 0 ? own : makes > own ? makes : Math.max(1000, own);
  return {
    name: text.name ?? 'A recipe from a file',
    about: text.about,
    base: baseOf(portions, ml),
    ml,
    rows,
    culture: living?.culture ?? null,
    dose: living?.amount ?? 0,
    asked,
    estimated,
  };
}
