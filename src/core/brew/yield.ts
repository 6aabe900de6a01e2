import { contentsOf } from '../lots/begin';
import type { Method } from '../lots/records/method';
import { soakedMl } from '../lots/transfer';
import type { Row } from './composition';

/** Steam off a gently simmering open pot of 5 L, ml a minute; bigger pots have more surface. Practice: 0.6–0.9 L an hour. */
const steamMlPerMinute = 12;
/** A lid lets this share of the steam go. */
const lidded = 0.15;
/** Liquid that stays in what it is strained through and in the pot, share of it: practice. */
const strainLoss: Readonly<Record<Method['strain'], number>> = {
  'pulp-in': 0.005,
  coarse: 0.01,
  fine: 0.015,
  cloth: 0.025,
};

/** What becomes of the water: how much boils away, stays in the solids and in the cloth, and what reaches the bottles. */
export interface Yield {
  readonly evaporatedMl: number;
  readonly soakedMl: number;
  readonly clothMl: number;
  readonly bottledMl: number;
}

/**
 * Water that simmers away.
 *
 * @param potMl liquid in the pot
 * @param minutes simmered, 0–240
 * @example Math.round(steamMl(5000, 15, false)) // 180
 */
export const steamMl = (potMl: number, minutes: number, withLid: boolean): number =>
  Math.min(0.6 * potMl, steamMlPerMinute * (potMl / 5000) ** (2 / 3) * minutes * (withLid ? lidded : 1));

/** Liquid that the solids of some rows hold when they are strained off, ml. */
export const soakedByRows = (rows: readonly Row[]): number =>
  soakedMl(contentsOf(rows.map(({ portion }) => portion)));

/**
 * What a brew yields of the liquid in its jar.
 *
 * @param ml liquid in the jar, solids not counted
 * @param potMl liquid that is heated
 * @returns ml each; what is bottled is never below 0
 * @source practice: steam by the pot's surface, soak-up by the ingredients' table, cloth 2.5 % (sieve 1–1.5)
 */
export function yieldOf(ml: number, rows: readonly Row[], method: Method, potMl: number): Yield {
  const soakedMl =
    method.strain === 'pulp-in' ? 0 : soakedByRows(rows.filter(({ when }) => when !== 'infusion'));
  const clothMl = ml * strainLoss[method.strain];
  return {
    soakedMl,
    clothMl,
    evaporatedMl: method.heat === 'simmer' ? steamMl(potMl, method.minutes, false) : 0,
    bottledMl: Math.max(0, ml - soakedMl - clothMl),
  };
}
