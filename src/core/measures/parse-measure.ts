import { refusal, success, type Result } from '../result';
import { gramsPer, isMassUnit, millilitresPer, unitNamed, type MassUnit, type VolumeUnit } from './units';

/** An amount as a maker wrote it: grams when it was a mass, millilitres when it was a volume. */
export interface Measure {
  readonly amount: number;
  readonly unit: MassUnit | VolumeUnit;
  readonly grams?: number;
  readonly millilitres?: number;
}

const glyphs: Record<string, string> = {
  '½': '1/2', '⅓': '1/3', '⅔': '2/3', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
}; // prettier-ignore

const spelled = (text: string) =>
  text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (glyph) => ` ${glyphs[glyph]} `)
    .replace(/[⁄∕]/g, '/')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

const shape = /^(?:(\d+(?:[.,]\d+)?)(?:\s+|(?=[a-z]|$)))?(?:(\d+)\s*\/\s*(\d+)\s*)?([a-z]+\.?)?$/i;

const numberIn = (whole?: string, over?: string, under?: string): number => {
  const base = whole === undefined ? 0 : Number(whole.replace(',', '.'));
  return over === undefined ? base : base + Number(over) / Number(under);
};

/**
 * Reads an amount as people write it: "1 1/2 tbsp", "½ cup", "30 g", "2,5 dl".
 *
 * @param text what was typed; a comma or a point marks decimals, a bare number takes `fallbackUnit`
 * @param fallbackUnit unit of a number written alone
 * @returns the amount with `grams` (mass) or `millilitres` (volume), exact to floating point; refusals `measure.empty`,
 *   `measure.unreadable`, `measure.unit`, `measure.fraction`, `measure.too-much` (over 100 kg or 100 L)
 * @example parseMeasure('1 1/2 tbsp', 'g') // { ok: true, value: { amount: 1.5, unit: 'tbsp', millilitres: 22.5 } }
 */
export function parseMeasure(text: string, fallbackUnit: MassUnit | VolumeUnit): Result<Measure> {
  const plain = spelled(text);
  if (plain === '') return refusal('measure.empty', 'Write an amount, such as 30 g or 1 1/2 tbsp.');
  const match = shape.exec(plain);
  if (!match || (match[1] === undefined && match[2] === undefined)) {
    return refusal(
      'measure.unreadable',
      `“${text.trim().slice(0, 30)}” is not an amount. Try 30 g, ½ cup or 2,5 dl.`,
    );
  }
  const [, whole, over, under, word] = match;
  if (Number(under) === 0) return refusal('measure.fraction', 'A fraction cannot have zero below the line.');
  const unit = word === undefined ? fallbackUnit : unitNamed(word);
  if (unit === undefined) {
    return refusal(
      'measure.unit',
      `“${word}” is not a unit Yuzet knows. Use g, kg, oz, ml, cl, dl, L, tsp, tbsp or cup.`,
    );
  }
  const amount = numberIn(whole, over, under);
  const size = isMassUnit(unit) ? amount * gramsPer[unit] : amount * millilitresPer[unit];
  if (size > 100_000)
    return refusal('measure.too-much', 'That is more than 100 kg or 100 L: check the unit.');
  return success(isMassUnit(unit) ? { amount, unit, grams: size } : { amount, unit, millilitres: size });
}
