import type { Lot } from '../lots/lot';
import { solidGrams } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import type { Portion } from '../matter/portion';

/** A second run on the same peel or fruit: what goes over it, the same water and sugar again. */
export interface SecondRun {
  readonly portions: readonly Portion[];
  readonly solidGrams: number;
}

/** Less than this of solids is not worth a run, g. */
const leastSolids = 30;
const again: readonly string[] = ['water', 'sugar', 'syrup'];

/**
 * A second run on a brew's solids with the water and the sweetener of the first.
 *
 * @returns null when there are hardly any solids, or nothing that was mixed
 */
export function secondRunOf(lot: Lot): SecondRun | null {
  const begun = lot.events.find((event) => event.kind === 'added');
  const solids = Object.keys(lot.contents.solids).reduce(
    (sum, id) => sum + (ingredientOf(id).family === 'culture' ? 0 : solidGrams(lot.contents, id)),
    0,
  );
  if (lot.role !== 'brew' || begun?.kind !== 'added' || solids < leastSolids) return null;
  const portions = begun.portions
    .filter(({ what }) => again.includes(ingredientOf(what).family))
    .map(({ what, grams, ml }): Portion => ({ what, ...(grams === undefined ? { ml } : { grams }) }));
  return portions.some(({ what }) => what === 'water') ? { portions, solidGrams: solids } : null;
}
