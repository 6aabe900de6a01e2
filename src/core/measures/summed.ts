import { sensibleGrams, sensibleMillilitres } from './sensible';
import type { Portion } from '../matter/portion';

/**
 * Portions with each thing once, its amounts added up and said sensibly; as it is bought, without form or ripeness.
 *
 * @param portions grams with grams and ml with ml; what is nothing is left out
 * @returns in the order in which things first come
 */
export function summed(portions: readonly Portion[]): Portion[] {
  const sums = new Map<string, Portion>();
  for (const { what, grams, ml } of portions) {
    if ((grams ?? ml ?? 0) <= 0) continue;
    const before = sums.get(what);
    sums.set(what, {
      what,
      ...(grams === undefined ? {} : { grams: grams + (before?.grams ?? 0) }),
      ...(ml === undefined ? {} : { ml: ml + (before?.ml ?? 0) }),
    });
  }
  return [...sums.values()].map(({ what, grams, ml }) => ({
    what,
    ...(grams === undefined ? {} : { grams: sensibleGrams(grams) }),
    ...(ml === undefined ? {} : { ml: sensibleMillilitres(ml) }),
  }));
}
