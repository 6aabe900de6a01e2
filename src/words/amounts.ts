import { ingredientOf } from '@/core/matter/ingredients/registry';
import { gramsOfPortion, isPoured, spoonGrams, type Portion } from '@/core/matter/portion';
import { inSpoons } from '@/core/measures/sensible';

const grouped = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1 });
const fine = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2 });

/** A number as it is shown: grouped, one decimal at most. @example number(1234.56) // '1,234.6' */
export const number = (value: number): string => (Math.abs(value) < 1 ? fine : grouped).format(value);

export const grams = (value: number): string =>
  value >= 10_000 ? `${number(value / 1000)} kg` : `${number(value)} g`;
export const millilitres = (value: number): string =>
  `${number(value >= 100 ? Math.round(value) : value)} ml`;

/** The amount of a portion: "12 g", "400 ml". */
export const amountOf = ({ grams: g, ml }: Portion): string =>
  ml === undefined ? grams(g ?? 0) : millilitres(ml);

/** A portion in words: "12 g fresh ginger". */
export const portionWords = (portion: Portion): string =>
  `${amountOf(portion)} ${ingredientOf(portion.what).name.toLowerCase()}`;

/** Several portions in a row: "12 g ginger, 12 g white sugar and 60 ml water". */
export function portionsWords(portions: readonly Portion[]): string {
  const words = portions.map(portionWords);
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** What was understood, beside the field: grams and kitchen measure together. @example "= 25.5 g, about 2 tbsp" */
export function echo(portion: Portion): string {
  const g = gramsOfPortion(portion);
  if (isPoured(portion.what) && portion.ml !== undefined) return `= ${millilitres(portion.ml)}`;
  if (g <= 0) return '= 0 g';
  const ml = g / spoonGrams(portion.what, portion.form);
  return `= ${grams(g)}${ml < 1200 ? `, about ${ml > 180 ? cups(ml) : inSpoons(ml)}` : ''}`;
}

const cups = (ml: number) => {
  const quarters = Math.max(1, Math.round((ml / 236.588) * 4));
  const glyph = ['', '¼', '½', '¾'][quarters % 4] ?? '';
  const whole = Math.floor(quarters / 4);
  return `${whole === 0 ? '' : whole}${glyph} ${quarters > 4 ? 'cups' : 'cup'}`;
};
