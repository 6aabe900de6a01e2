import { refusal, success, type Result } from '../result';
import type { Measure } from './parse-measure';

/**
 * Grams in a millilitre of what fills a spoon or a cup. Granulated sugar 0.85 (a 237 ml cup holds about 200 g); grated or
 * finely chopped ginger 0.42 (a tablespoon about 6 g); water 0.998 at 20 °C. Household practice: packing varies by some 15 %.
 */
export const gramsPerMillilitre = { sugar: 0.85, ginger: 0.42, water: 0.998 } as const;

export type Spoonable = keyof typeof gramsPerMillilitre;

/**
 * Mass of a measure of sugar, ginger or water.
 *
 * @param measure a mass, or a volume filled level
 * @param of what is measured
 * @returns grams: exact for a mass, within about 15 % for a spoon or cup of solids
 * @example gramsOf({ amount: 2, unit: 'tbsp', millilitres: 30 }, 'sugar') // 25.5
 */
export const gramsOf = (measure: Measure, of: Spoonable): number =>
  measure.grams ?? (measure.millilitres ?? 0) * gramsPerMillilitre[of];

/**
 * Volume of a measure of something watery.
 *
 * @param measure a volume, or a mass of water
 * @returns millilitres; a mass is divided by the density of water at 20 °C
 * @example millilitresOf({ amount: 1, unit: 'cup', millilitres: 236.588 }) // 236.588
 */
export const millilitresOf = (measure: Measure): number =>
  measure.millilitres ?? (measure.grams ?? 0) / gramsPerMillilitre.water;

/**
 * Checks that an amount lies in the range a form allows.
 *
 * @param value the amount, in `unit`
 * @returns the value, or `measure.low` / `measure.high` with the bound in the sentence
 */
export function within(value: number, low: number, high: number, unit: string): Result<number> {
  if (value < low) return refusal('measure.low', `At least ${low} ${unit}.`);
  if (value > high) return refusal('measure.high', `At most ${high} ${unit} here: check the unit.`);
  return success(value);
}
