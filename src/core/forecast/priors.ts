import type { Member } from '../ferment/member';
import { normalBelow } from './random';

/** How many independent unknowns a kitchen has; each is a standard normal number before anything was seen. */
export const UNKNOWNS = 8;

/** Standard deviations of the logarithms, and of the temperatures in °C: practice, see docs/forecast.md. */
export const spread = {
  lag: 0.5,
  bacteria: 0.5,
  capacity: 0.33,
  offset: 1,
  swing: 1.2,
} as const;

/** Share of bottles whose seal lets gas go, and how fast the worst does (share of the headspace an hour). */
export const leakyShare = 0.1;
const worstLeak = 0.03;

/** Loss of a seal, share of the headspace an hour, for a uniform number: most bottles hold, a tenth do not. */
export const leakOf = (uniform: number): number =>
  uniform > 1 - leakyShare ? worstLeak * ((uniform - 1 + leakyShare) / leakyShare) ** 2 : 0;

/**
 * The kitchen that a point of unknowns stands for.
 *
 * @param z UNKNOWNS numbers from `at`; 0 everywhere is close to the nominal kitchen
 * @param vigourSpread standard deviation of the logarithm of the vigour, 0 or more
 */
export function memberOf(z: Float64Array, at: number, vigourSpread: number): Member {
  return {
    vigour: Math.exp(vigourSpread * z[at]!),
    lag: Math.exp(spread.lag * z[at + 1]!),
    bacteria: Math.exp(spread.bacteria * z[at + 2]!),
    capacity: Math.exp(spread.capacity * z[at + 3]!),
    offset: spread.offset * z[at + 4]!,
    swing: Math.abs(spread.swing * z[at + 5]!),
    swingPhase: 24 * normalBelow(z[at + 6]!),
    leak: leakOf(normalBelow(z[at + 7]!)),
  };
}
