import { isPoured, spoonGrams, type Portion } from '../matter/portion';
import type { Form } from '../matter/ingredient';
import { refusal, success, type Result } from '../result';
import { parseMeasure } from './parse-measure';
import { ownUnit } from './unit-system';

/** Amounts are kept to a tenth of a gram or millilitre, and to a hundredth below one: a pinch is not nothing. */
const kept = (value: number) => Number(value.toFixed(value < 1 ? 3 : 1));

/**
 * An amount of an ingredient as it was typed: poured things keep their volume, others become grams by what a spoon or cup of
 * them weighs.
 *
 * @param what ingredient id
 * @returns the portion, with the words as typed; refusals of `parseMeasure`
 * @example portionTyped('white-sugar', '2 tbsp') // { ok: true, value: { what: 'white-sugar', grams: 25.5, typed: '2 tbsp' } }
 */
export function portionTyped(what: string, text: string, form?: Form): Result<Portion> {
  const poured = isPoured(what);
  const measure = parseMeasure(text, ownUnit(poured ? 'ml' : 'g'));
  if (!measure.ok) return measure;
  const { grams, millilitres } = measure.value;
  const rest = { typed: text.trim().slice(0, 80), ...(form ? { form } : {}) };
  if (grams !== undefined) return success({ what, grams: kept(grams), ...rest });
  return success(
    poured
      ? { what, ml: kept(millilitres ?? 0), ...rest }
      : { what, grams: kept((millilitres ?? 0) * spoonGrams(what, form)), ...rest },
  );
}

/** Volumes are volumes: a mass is refused, whatever it is of. @param fallback a bare number's, or what stands for it in the units in use @returns ml */
export function volumeTyped(text: string, fallback: 'ml' | 'l' = 'ml'): Result<number> {
  const measure = parseMeasure(text, ownUnit(fallback));
  if (!measure.ok) return measure;
  return measure.value.millilitres === undefined
    ? refusal('measure.not-volume')
    : success(kept(measure.value.millilitres));
}

/** Checks that an amount lies in a range, ends included, all in one unit. @returns the value, or `measure.low` / `measure.high` with the bound */
export function within(value: number, low: number, high: number, unit: string): Result<number> {
  if (!(value >= low)) return refusal('measure.low', { low, unit });
  if (value > high) return refusal('measure.high', { high, unit });
  return success(value);
}
