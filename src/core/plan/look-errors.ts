import { normalQuantile } from '../forecast/run/random';

/**
 * Errors of a hand or a tongue, one for each kitchen: standard normal, spread evenly, the same whenever it is asked, and in another
 * order for each base.
 *
 * @param count kitchens, 0 or more
 * @param base 2, 3 or another prime: errors of different looks are told apart by it
 * @source Halton, Numerische Mathematik 2 (1960) 84–90
 * @example lookErrors(3, 2).length // 3
 */
export const lookErrors = (count: number, base: number): Float64Array =>
  Float64Array.from({ length: count }, (_, i) => normalQuantile(radicalInverse(i + 1, base)));

function radicalInverse(index: number, base: number): number {
  let [value, share] = [0, 1 / base];
  for (let rest = index; rest > 0; rest = Math.floor(rest / base)) {
    value += (rest % base) * share;
    share /= base;
  }
  return value;
}
