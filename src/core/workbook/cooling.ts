import { refusal, success, type Result } from '../result';

/** How a pot stands while it cools. */
export type CoolingWay = 'lidded' | 'open' | 'ice-bath';

/**
 * Hours in which what is between a litre and its surroundings falls to 1/e, by the way it stands: practice. A lidded 5 L pot
 * takes some six hours from the boil to 30 °C, an open one half of it, one in stirred ice water half an hour.
 */
const hoursPerEdge: Readonly<Record<CoolingWay, number>> = { lidded: 1.67, open: 0.85, 'ice-bath': 0.24 };
/** Ice water a pot stands in, °C. */
const iceWater = 2;

/**
 * Time constant of a pot: bigger ones lose heat more slowly, as the cube root of what they hold.
 *
 * @param litres above 0
 * @returns hours
 * @example coolingConstant(8, 'lidded') // 3.34
 */
export const coolingConstant = (litres: number, way: CoolingWay): number =>
  hoursPerEdge[way] * Math.cbrt(litres);

/** Temperature of a pot after a while, °C: Newton's law. */
export const cooledTo = (from: number, around: number, hours: number, constant: number): number =>
  around + (from - around) * Math.exp(-hours / constant);

export interface CoolingAsk {
  readonly litres: number;
  readonly way: CoolingWay;
  readonly from: number;
  readonly to: number;
  /** Air of the kitchen, °C; an ice bath has its own. */
  readonly around: number;
  /** One reading of a thermometer on the way: so many hours after `from`. It goes before the practice figure. */
  readonly reading?: { readonly hours: number; readonly celsius: number } | undefined;
}

/**
 * Hours until a pot has cooled so far.
 *
 * @returns refusals `cooling.never` (the surroundings are warmer than wanted) and `cooling.reading` (one that cannot be)
 * @source Newton's law of cooling; constants are practice
 * @example // five litres under a lid, from 95 to 30 °C in a room of 21 °C: about six hours
 */
export function coolingHours({ litres, way, from, to, around, reading }: CoolingAsk): Result<number> {
  const air = way === 'ice-bath' ? iceWater : around;
  if (to <= air + 0.5) return refusal('cooling.never', { air });
  if (from <= to) return success(0);
  let constant = coolingConstant(litres, way);
  if (reading) {
    const { hours, celsius } = reading;
    if (!(hours > 0) || !(celsius > air + 0.2 && celsius < from))
      return refusal('cooling.reading', { air, from });
    constant = hours / Math.log((from - air) / (celsius - air));
  }
  return success(constant * Math.log((from - air) / (to - air)));
}

/** Temperature of two waters mixed, °C. @example mixedCelsius([{ ml: 1000, celsius: 90 }, { ml: 1000, celsius: 10 }]) // 50 */
export function mixedCelsius(parts: readonly { readonly ml: number; readonly celsius: number }[]): number {
  const ml = parts.reduce((sum, part) => sum + part.ml, 0);
  return parts.reduce((sum, part) => sum + part.ml * part.celsius, 0) / ml;
}

/**
 * Cold water that brings a hot base to a temperature: what is held back of the recipe's water.
 *
 * @returns ml; refusal `mix.never` when the cold water is not cold enough
 * @example coldWaterMl(1000, 90, 10, 30) // { ok: true, value: 3000 }
 */
export function coldWaterMl(hotMl: number, hot: number, cold: number, wanted: number): Result<number> {
  if (wanted <= cold) return refusal('mix.never');
  return success(hot <= wanted ? 0 : (hotMl * (hot - wanted)) / (wanted - cold));
}
