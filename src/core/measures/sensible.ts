import { t } from '../language/t';

/**
 * Rounds to a step a person can measure.
 *
 * @param step e.g. 0.5 (°C), 5 (ml), 0.1 (volumes); above 0
 * @returns the nearest multiple, free of floating-point tails
 * @example toStep(22.74, 0.5) // 22.5
 */
export const toStep = (value: number, step: number): number =>
  Number((Math.round(value / step) * step).toFixed(6));

/** Grams as a kitchen scale shows them: 0.5 g below 10 g, 1 g below 250 g, 5 g above. @example sensibleGrams(12.3) // 12 */
export const sensibleGrams = (grams: number): number => toStep(grams, grams < 10 ? 0.5 : grams < 250 ? 1 : 5);

/** Millilitres as a jug shows them: 5 ml below 500 ml, 10 ml below 2 L, 50 ml above. @example sensibleMillilitres(63) // 65 */
export const sensibleMillilitres = (ml: number): number => toStep(ml, ml < 500 ? 5 : ml < 2000 ? 10 : 50);

/**
 * Sugar and ginger in spoons, for a kitchen without a scale.
 *
 * @param ml level volume, millilitres
 * @returns text such as "1½ tbsp" or "⅓ tsp", to the nearest quarter spoon, of teaspoons also to the nearest third
 * @example inSpoons(22.5) // '1½ tbsp'
 */
export function inSpoons(ml: number): string {
  const small = ml < 12;
  const spoons = Math.max(0.25, ml / (small ? 5 : 15));
  const off = ([part]: Part) => Math.abs(Math.floor(spoons) + part - spoons);
  const [part, glyph] = parts
    .filter(([, , quarter]) => small || quarter)
    .reduce((best, each) => (off(each) < off(best) - 1e-9 ? each : best));
  const whole = Math.floor(spoons) + Math.floor(part);
  return small ? t`${whole === 0 ? '' : whole}${glyph} tsp` : t`${whole === 0 ? '' : whole}${glyph} tbsp`;
}

/** Parts of a spoon as measuring spoons have them: size, sign, whether it is a quarter. */
type Part = readonly [part: number, glyph: string, quarter: boolean];
const parts: readonly Part[] = [
  [0, '', true],
  [1 / 4, '¼', true],
  [1 / 3, '⅓', false],
  [1 / 2, '½', true],
  [2 / 3, '⅔', false],
  [3 / 4, '¾', true],
  [1, '', true],
];
