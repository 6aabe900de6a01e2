import { levelMl, together, type Contents } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, isPoured, mlOfPortion, portionsContents, type Portion } from '../matter/portion';
import { millilitresPerGram, type Substance } from '../matter/substances';
import { withinRim } from './begin';
import type { Lot, LotEvent } from './lot';
import { copyOnWrite, type LotWriter } from './lot-store';

interface Moment {
  readonly at: number;
  readonly entryId: string;
}

/**
 * What a feed of plant matter raises a starter's level for good, ml per gram: it soaks up liquid, and the cloth lets go of
 * about what its sugar and the rest displace. Practice.
 */
export const feedRiseMlPerGram = 0.3;

const plants = ['ginger', 'fruit', 'flower', 'herb', 'vegetable'] as const;
const isPlant = (what: string) => (plants as readonly string[]).includes(ingredientOf(what).family);

/** Water a kept jar loses between two feeds, ml: what the level does not rise by. Jars of grains lose none worth counting. */
function lostAtFeed(lot: Lot, portions: readonly Portion[], added: Contents): number {
  const jarOfPlants =
    portions.some(({ what }) => isPlant(what)) || Object.keys(lot.contents.solids).some(isPlant);
  if (lot.role !== 'starter' || lot.events.length === 0 || !jarOfPlants) return 0;
  const rise = portions.reduce(
    (sum, portion) =>
      sum +
      (isPoured(portion.what)
        ? mlOfPortion(portion)
        : isPlant(portion.what)
          ? feedRiseMlPerGram * gramsOfPortion(portion)
          : 0),
    0,
  );
  return Math.max(0, levelMl(added) - rise);
}

/** Lets water go from contents that nobody else holds yet. @returns ml gone, never more than half the water */
function dry(contents: Contents, ml: number): number {
  const liquid: Record<Substance, number> = contents.liquid;
  const grams = Math.min(ml / millilitresPerGram.water, liquid.water * 0.5);
  liquid.water -= grams;
  return grams * millilitresPerGram.water;
}

/** Portions go into a lot: a feed, a top-up, sugar, lemon, juice, minerals. */
export function addPortions(
  lot: Lot,
  portions: readonly Portion[],
  moment: Moment,
  said: { readonly celsius?: number | undefined; readonly usual?: boolean | undefined } = {},
  pen: LotWriter = copyOnWrite,
): Lot {
  const added = portionsContents(portions);
  const sum = together(lot.contents, added);
  const lostMl = dry(sum, lostAtFeed(lot, portions, added));
  const { held, spilledMl } = withinRim(sum, lot.vessel.ml);
  const first = lot.events.length === 0;
  return pen.change(lot, {
    contents: held,
    markMl: first ? Math.round(levelMl(held)) : lot.markMl,
    lostMl: lot.lostMl + lostMl + spilledMl,
    events: pen.grow<LotEvent>(lot.events, {
      ...moment,
      kind: 'added',
      portions,
      celsius: said.celsius,
      ...(said.usual === undefined ? {} : { usual: said.usual }),
      lostMl: lostMl + spilledMl,
    }),
  });
}
