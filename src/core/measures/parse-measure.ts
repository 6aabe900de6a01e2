import { refusal, success, type Result } from '../result';
import { gramsPer, isMassUnit, millilitresOf, unitNamed, type MassUnit, type VolumeUnit } from './units';
import { readingTyped } from './unit-system';

/** An amount as a maker wrote it: grams when it was a mass, millilitres when it was a volume. */
export interface Measure {
  readonly amount: number;
  readonly unit: MassUnit | VolumeUnit;
  readonly grams?: number;
  readonly millilitres?: number;
}

const glyphs: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** Full-width and other digits to plain ones, glyph fractions spelled out, odd spaces to plain ones. */
const spelled = (text: string) =>
  text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (glyph) => ` ${glyphs[glyph]} `)
    .normalize('NFKC')
    .replace(/[⁄∕]/g, '/')
    .replace(/\bfl(uid)?\.?\s*(oz\.?|ounces?)$/i, 'floz')
    .replace(/\s+/g, ' ')
    .trim();

/** A number, a fraction or both, and a unit. Groups of three digits may stand apart: "1 000". */
const shape =
  /^(?:(\d{1,3}(?: \d{3})+(?:[.,]\d+)?|\d*[.,]?\d+(?:[.,]\d+)*)(?:\s+|(?=[a-z]|$)))?(?:(\d+)\s*\/\s*(\d+)\s*)?([a-z]+\.?)?$/i;

/**
 * A plain number as people write it in any country: "2,5", "2.5", ".5", "1 000", "1,000", "1.234,5".
 *
 * A single separator with exactly three digits behind it groups thousands ("1,000"), unless the number begins with 0
 * ("0,125"): whoever asks shows what was understood beside the field.
 *
 * @returns the number, NaN when it is none
 * @example parseNumber('1,000') // 1000
 */
export function parseNumber(text: string): number {
  const plain = spelled(text).replace(/(?<=\d) (?=\d{3}(\D|$))/g, '');
  if (!/^\d*(?:[.,]\d+)*$/.test(plain) || plain === '') return NaN;
  const separators = plain.replace(/\d/g, '');
  const groups = plain.split(/[.,]/);
  const decimalMark = separators.at(-1);
  if (separators === '') return Number(plain);
  const same = [...separators].every((mark) => mark === decimalMark);
  const grouped =
    groups.slice(1).every((group) => group.length === 3) &&
    groups[0] !== '0' &&
    groups[0] !== '' &&
    groups[0]!.length <= 3;
  if (same && separators.length > 1) return grouped ? Number(groups.join('')) : NaN;
  if (same) return grouped ? Number(groups.join('')) : Number(`${groups[0] || '0'}.${groups[1]}`);
  // Both marks: the last one is the decimal mark, the others group.
  return Number(`${groups.slice(0, -1).join('')}.${groups.at(-1)}`);
}

/** A temperature as a thermometer of the kitchen shows it. @returns °C; NaN when it is none */
export const degreesTyped = (text: string): number =>
  readingTyped(/^\s*[-−]/.test(text) ? -parseNumber(text.replace(/[-−]/, '')) : parseNumber(text), '°C');

/**
 * Reads an amount as people write it: "1 1/2 tbsp", "½ cup", "30 g", "2,5 dl", "1 000 ml".
 *
 * @param text what was typed; a bare number takes `fallbackUnit`
 * @returns the amount with `grams` (mass) or `millilitres` (volume), exact to floating point; refusals `measure.empty`,
 *   `measure.unreadable`, `measure.unit`, `measure.fraction`, `measure.too-much` (over 100 kg or 100 L)
 * @example parseMeasure('1 1/2 tbsp', 'g') // { ok: true, value: { amount: 1.5, unit: 'tbsp', millilitres: 22.5 } }
 */
export function parseMeasure(text: string, fallbackUnit: MassUnit | VolumeUnit): Result<Measure> {
  const plain = spelled(text);
  if (plain === '') return refusal('measure.empty');
  const match = shape.exec(plain);
  const whole = match?.[1] === undefined ? 0 : parseNumber(match[1]);
  if (!match || (match[1] === undefined && match[2] === undefined) || Number.isNaN(whole))
    return refusal('measure.unreadable', { text: text.trim().slice(0, 30) });
  const [, , over, under, word] = match;
  if (Number(under) === 0) return refusal('measure.fraction');
  const unit = word === undefined ? fallbackUnit : unitNamed(word);
  if (unit === undefined) {
    return refusal('measure.unit', { word: word ?? '' });
  }
  const amount = whole + (over === undefined ? 0 : Number(over) / Number(under));
  const size = isMassUnit(unit) ? amount * gramsPer[unit] : amount * millilitresOf(unit);
  if (size > 100_000) return refusal('measure.too-much');
  return success(isMassUnit(unit) ? { amount, unit, grams: size } : { amount, unit, millilitres: size });
}
