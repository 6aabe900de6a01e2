import { levelMl, liquidMl } from '../matter/contents';
import type { Portion } from '../matter/portion';
import { gramsOfPortion } from '../matter/portion';
import { refusal, success, type Result } from '../result';

import { addPortions } from './add';
import type { Lot } from './lot';
import { fullestShare } from '../vessels/vessel';

/**
 * Whether portions can go into a lot: something, and not over the rim.
 *
 * @returns the level afterwards, ml; refusals `add.nothing`, `add.over-rim`, `add.too-much`
 */
export function canAdd(lot: Lot, portions: readonly Portion[]): Result<number> {
  if (!portions.some((portion) => gramsOfPortion(portion) > 0)) return refusal('add.nothing');
  const before = levelMl(lot.contents);
  const brim = { ...lot, vessel: { ...lot.vessel, ml: Infinity } };
  const after = levelMl(addPortions(brim, portions, { at: 0, entryId: '' }).contents);
  const most = lot.vessel.ml * (lot.role === 'bottle' ? 0.995 : fullestShare);
  if (after > Math.max(most, before + 1))
    return refusal('add.over-rim', { makes: after, vessel: lot.vessel.ml, most });
  const heavy = portions.reduce((sum, portion) => sum + gramsOfPortion(portion), 0);
  if (heavy > lot.vessel.ml * 1.3) return refusal('add.too-much', { grams: heavy, vessel: lot.vessel.ml });
  return success(after);
}

/** Sizes that jars are sold in, ml. */
const jarSizes = [
  500, 750, 1000, 1500, 2000, 3000, 4000, 5000, 8000, 10_000, 15_000, 20_000, 30_000,
] as const;

/** The smallest usual jar that takes so much with room to foam, ml. @example jarThatTakes(1900) // 3000 */
export const jarThatTakes = (levelMl: number): number =>
  jarSizes.find((ml) => ml * fullestShare >= levelMl) ?? Math.ceil(levelMl / fullestShare / 5000) * 5000;

/** Whether that much liquid can be taken from a lot. @returns what is left, ml; refusal `take.too-much` */
export function canTake(lot: Lot, ml: number): Result<number> {
  const there = liquidMl(lot.contents);
  if (!(ml > 0)) return refusal('take.nothing');
  return ml > there + 0.5
    ? refusal('take.too-much', { lot: lot.name, there })
    : success(Math.max(0, there - ml));
}
