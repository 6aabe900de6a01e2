import type { KnownKitchen } from '../../ferment/scenario/ferment';
import type { Member } from '../../ferment/state/member';
import { leakOf } from '../run/seal-leak';
import { unknownsAt, usualKitchen } from './unknowns';

/**
 * The kitchen that a point of unknowns stands for.
 *
 * @param z standard normal numbers from `at`, as many as there are unknowns; 0 everywhere is close to the nominal kitchen
 * @param vigourSpread standard deviation of the logarithm of the vigour, 0 or more
 * @param kitchen what was learned of it before
 */
export function memberOf(
  z: Float64Array,
  at: number,
  vigourSpread: number,
  kitchen: KnownKitchen | null = null,
): Member {
  const unknown = unknownsAt(z, at, vigourSpread, kitchen ?? usualKitchen);
  return { ...unknown, leak: leakOf(unknown.seal) };
}
