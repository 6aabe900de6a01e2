import { parseNumber } from '../measures/parse-measure';
import { sugarOfJuice } from './tools';

/**
 * Sugar of something poured as it is typed: what its label says for 100 ml, or °Brix as a refractometer shows it.
 *
 * @returns g per 100 ml; NaN for what is neither, or beyond 100 g
 * @example labelSugar('10.4') // 10.4
 */
export function labelSugar(text: string): number {
  const brix = /^(.*?)\s*°?\s*(?:brix|bx)\.?$/i.exec(text.trim());
  const value = parseNumber((brix ? brix[1]! : text).replace(/\s*g$/i, ''));
  if (!(value >= 0) || value > (brix ? 85 : 100)) return NaN;
  return brix ? sugarOfJuice(100, { brix: value }) : value;
}
