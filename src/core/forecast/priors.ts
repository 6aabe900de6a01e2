import type { KnownKitchen } from '../ferment/ferment';
import type { Member } from '../ferment/member';
import { normalBelow } from './random';
import { spread, usualKitchen } from './usual-kitchen';

/** How many independent unknowns a kitchen has; each is a standard normal number before anything was seen. */
export const UNKNOWNS = 16;

/** Share of bottles whose seal lets gas go, and how fast the worst does (share of the headspace an hour). */
export const leakyShare = 0.1;
const worstLeak = 0.03;

/** Loss of a seal, share of the headspace an hour, for a uniform number: most bottles hold, a tenth do not. */
export const leakOf = (uniform: number): number =>
  uniform > 1 - leakyShare ? worstLeak * ((uniform - 1 + leakyShare) / leakyShare) ** 2 : 0;

/** Leak of the n-th vessel filled from a jar: as good as drawn anew, and the same each time the member is run. */
export const leakOfBranch = (seal: number, index: number): number => leakOf((seal * 9973 * (index + 1)) % 1);

/**
 * The kitchen that a point of unknowns stands for.
 *
 * @param z UNKNOWNS numbers from `at`; 0 everywhere is close to the nominal kitchen
 * @param vigourSpread standard deviation of the logarithm of the vigour, 0 or more
 * @param kitchen what was learned of it before
 */
export function memberOf(
  z: Float64Array,
  at: number,
  vigourSpread: number,
  kitchen: KnownKitchen | null = null,
): Member {
  const { offset, fridge, coldActivity } = kitchen ?? usualKitchen;
  const seal = normalBelow(z[at + 7]!);
  return {
    vigour: Math.exp(vigourSpread * z[at]!),
    lag: Math.exp(spread.lag * z[at + 1]!),
    bacteria: Math.exp(spread.bacteria * z[at + 2]!),
    capacity: Math.exp(spread.capacity * z[at + 3]!),
    offset: offset.mean + offset.deviation * z[at + 4]!,
    swing: Math.abs(spread.swing * z[at + 5]!),
    swingPhase: 24 * normalBelow(z[at + 6]!),
    leak: leakOf(seal),
    seal,
    earlyDrift: spread.earlyDrift * z[at + 8]!,
    lateDrift: spread.lateDrift * z[at + 9]!,
    shape: Math.exp(spread.shape * z[at + 10]!) - 1,
    gasTolerance: Math.exp(spread.gasTolerance * z[at + 11]!),
    fridge: fridge.mean + fridge.deviation * z[at + 12]!,
    coldActivity: Math.exp(coldActivity.mean + coldActivity.deviation * z[at + 13]!),
    cells: Math.exp(spread.cells * z[at + 14]!),
    growth: Math.exp(spread.growth * z[at + 15]!),
  };
}
