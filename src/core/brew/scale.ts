import { usualHeadspaceMl } from '../bottling/fill-plan';
import { contentsOf } from '../lots/begin';
import type { Method } from '../lots/records/method';
import { levelMl, liquidMl } from '../matter/contents';
import { gramsOfPortion } from '../matter/portion';
import { refusal, success, type Result } from '../result';

import { amountIn, scaledBy, withAmount, type Composition } from './composition';
import { fullestPot, potLoad } from './pot';
import { yieldOf } from './yield';
import { fullestShare } from '../vessels/vessel';

/** What sets the size of a batch. */
export type ScaleBy =
  | { readonly by: 'litres'; readonly ml: number }
  | { readonly by: 'bottles'; readonly count: number; readonly sizeMl: number }
  | { readonly by: 'jar'; readonly ml: number }
  | { readonly by: 'pot'; readonly ml: number }
  | { readonly by: 'starter'; readonly amount: number }
  | { readonly by: 'ingredient'; readonly at: number; readonly grams: number };

/** Smallest and largest batch, ml. */
const sizes = { least: 100, most: 50_000 } as const;

/** Water of a composition, ml: what its other things and its dose leave; below 0 when they fill it already. */
export const waterOf = ({ ml, rows, dose }: Composition, doseIsMl: boolean): number =>
  ml - (doseIsMl ? dose : 0) - liquidMl(contentsOf(mixedAtOnce(rows)));

/**
 * Size of a batch made with so much water as it is in the jug: what boils away of it is not in the jar.
 *
 * @param waterMl water as it is measured before it goes into the pot, ml
 * @returns ml of the composition
 */
export function mlWithWater(
  composition: Composition,
  method: Method,
  doseIsMl: boolean,
  waterMl: number,
): number {
  const { levelMl } = potLoad(waterMl, composition.rows, method);
  const { evaporatedMl } = yieldOf(0, composition.rows, method, levelMl);
  return composition.ml - waterOf(composition, doseIsMl) + waterMl - evaporatedMl;
}

/** What is in the jar through the first ferment: all but what steeps in it later. */
const mixedAtOnce = (rows: Composition['rows']) =>
  rows.filter(({ when }) => when !== 'infusion').map(({ portion }) => portion);

/** How high the jar stands with all its solids, ml. */
export function jarLevelMl(composition: Composition): number {
  const all = contentsOf(mixedAtOnce(composition.rows));
  return composition.ml + levelMl(all) - liquidMl(all);
}

/**
 * A batch brought to the size that something gives: its proportions stay.
 *
 * Litres are what is in the jar; bottles count what straining leaves for them, by the usual headspace; a jar is filled to nine
 * tenths with its solids in; a pot to four fifths with what is heated.
 *
 * @returns the scaled composition; refusals `scale.size` (below 100 ml, above 50 L), `scale.no-dose`, `scale.none-of-it`,
 *   `scale.no-pot` (nothing is heated)
 * @example // 433 g of plums a litre: 1.3 kg of them make 3 L
 */
export function scaleBy(
  composition: Composition,
  by: ScaleBy,
  method: Method,
  doseIsMl: boolean,
): Result<Composition> {
  const factor = factorOf(composition, by, method, doseIsMl);
  if (!factor.ok) return factor;
  const ml = composition.ml * factor.value;
  if (!(ml >= sizes.least && ml <= sizes.most)) return refusal('scale.size');
  const scaled = scaledBy(composition, factor.value);
  if (by.by !== 'ingredient') return success(scaled);
  // What was on hand goes in to the gram, however it was rounded before.
  const rows = scaled.rows.map((row, i) =>
    i === by.at && row.portion.ml === undefined
      ? { ...row, portion: withAmount(row.portion, by.grams) }
      : row,
  );
  return success({ ...scaled, rows });
}

function factorOf(composition: Composition, by: ScaleBy, method: Method, doseIsMl: boolean): Result<number> {
  switch (by.by) {
    case 'litres':
      return success(by.ml / composition.ml);
    case 'bottles': {
      const wanted = by.count * (by.sizeMl - usualHeadspaceMl(by.sizeMl));
      const potMl = potLoad(waterOf(composition, doseIsMl), composition.rows, method).levelMl;
      return success(wanted / yieldOf(composition.ml, composition.rows, method, potMl).bottledMl);
    }
    case 'jar':
      return success((by.ml * fullestShare) / jarLevelMl(composition));
    case 'pot': {
      const { levelMl: level } = potLoad(waterOf(composition, doseIsMl), composition.rows, method);
      return level > 0 ? success((by.ml * fullestPot) / level) : refusal('scale.no-pot');
    }
    case 'starter':
      return composition.dose > 0 ? success(by.amount / composition.dose) : refusal('scale.no-dose');
    case 'ingredient': {
      const row = composition.rows[by.at];
      const there = row ? gramsOfPortion(row.portion) : 0;
      return there > 0 && amountIn(row!.portion) > 0
        ? success(by.grams / there)
        : refusal('scale.none-of-it');
    }
  }
}
