import { ingredientOf } from '@/core/matter/ingredients/registry';
import { gramsOfPortion, isPoured, spoonGrams, type Portion } from '@/core/matter/portion';
import { inSpoons } from '@/core/measures/sensible';
import { locale, t } from '@/core/language/t';

const grouped = new Intl.NumberFormat(locale(), { maximumFractionDigits: 1 });
const tenths = new Intl.NumberFormat(locale(), { minimumFractionDigits: 1, maximumFractionDigits: 1 });
const list = new Intl.ListFormat(locale());
const fine = new Intl.NumberFormat(locale(), { maximumFractionDigits: 2 });

/** A number as it is shown: grouped, one decimal at most. @example number(1234.56) // '1,234.6' */
export const number = (value: number): string => (Math.abs(value) < 1 ? fine : grouped).format(value);

/** A number with one decimal, even where it is whole: a thermometer’s reading. @example oneDecimal(22) // '22.0' */
export const oneDecimal = (value: number): string => tenths.format(value);

export const grams = (value: number): string =>
  value >= 10_000 ? t`${number(value / 1000)} kg` : t`${number(value)} g`;
export const millilitres = (value: number): string =>
  t`${number(value >= 100 ? Math.round(value) : value)} ml`;

/** The amount of a portion: "12 g", "400 ml". */
export const amountOf = ({ grams: g, ml }: Portion): string =>
  ml === undefined ? grams(g ?? 0) : millilitres(ml);

/** A volume in spoons or cups; null where nobody would measure it so. @example kitchenVolume(237) // '1 cup' */
export const kitchenVolume = (ml: number): string | null =>
  ml <= 0 || ml > 3000 ? null : ml < 0.7 ? t`a pinch` : ml > 180 ? cups(ml) : inSpoons(ml);

/** A portion by what a kitchen without a scale measures it with. @example kitchenMeasure({ what: 'white-sugar', grams: 25.5 }) // '2 tbsp' */
export const kitchenMeasure = (portion: Portion): string | null =>
  kitchenVolume(
    isPoured(portion.what) && portion.ml !== undefined
      ? portion.ml
      : gramsOfPortion(portion) / spoonGrams(portion.what, portion.form),
  );

/** A volume as it is drawn or strained: "240 ml (1 cup)". */
export function volume(ml: number): string {
  const kitchen = kitchenVolume(ml);
  return `${millilitres(ml)}${kitchen === null ? '' : ` (${kitchen})`}`;
}

/** A portion in words, by weight and by the spoon: "12 g (1½ tbsp) fresh ginger". */
export function portionWords(portion: Portion): string {
  const kitchen = kitchenMeasure(portion);
  return `${amountOf(portion)}${kitchen === null ? '' : ` (${kitchen})`} ${ingredientOf(portion.what).name.toLowerCase()}`;
}

/** Several portions in a row: "12 g ginger, 12 g white sugar and 60 ml water". */
export const portionsWords = (portions: readonly Portion[]): string => inARow(portions.map(portionWords));

/** @example inARow(['a', 'b', 'c']) // 'a, b and c' */
export const inARow = (words: readonly string[]): string => list.format(words);

/** What was understood, beside the field: grams and kitchen measure together. @example "= 25.5 g, about 2 tbsp" */
export function echo(portion: Portion): string {
  const g = gramsOfPortion(portion);
  if (g <= 0) return t`= 0 g`;
  const kitchen = kitchenMeasure(portion);
  return `= ${amountOf(portion)}${kitchen === null ? '' : t`, about ${kitchen}`}`;
}

const cups = (ml: number) => {
  const quarters = Math.max(1, Math.round((ml / 236.588) * 4));
  const glyph = ['', '¼', '½', '¾'][quarters % 4] ?? '';
  const whole = Math.floor(quarters / 4);
  return `${whole === 0 ? '' : whole}${glyph} ${quarters > 4 ? t`cups` : t`cup`}`;
};

/** Litres as a brew is talked about: "2.6 L", "350 ml". */
export const litres = (ml: number): string =>
  ml < 1000 ? millilitres(Math.round(ml / 5) * 5) : t`${Number((ml / 1000).toFixed(ml < 10_000 ? 2 : 1))} L`;
