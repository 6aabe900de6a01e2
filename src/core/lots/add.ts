import { levelMl, together, type Contents } from '../matter/contents';
import { ingredientOf } from '../matter/ingredients/registry';
import { gramsOfPortion, isPoured, mlOfPortion, portionsContents, type Portion } from '../matter/portion';
import { millilitresPerGram } from '../matter/substances';
import { withinRim } from './begin';
import type { Lot, LotEvent } from './lot';
import { copied, type Grow } from './shelf';

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

function dried(contents: Contents, ml: number): { left: Contents; lostMl: number } {
  if (ml === 0) return { left: contents, lostMl: 0 };
  const grams = Math.min(ml / millilitresPerGram.water, contents.liquid.water * 0.5);
  const liquid = { ...contents.liquid, water: contents.liquid.water - grams };
  return { left: { ...contents, liquid }, lostMl: grams * millilitresPerGram.water };
}

/** Portions go into a lot: a feed, a top-up, sugar, lemon, juice, minerals. */
export function addPortions(
  lot: Lot,
  portions: readonly Portion[],
  moment: Moment,
  celsius?: number,
  grow: Grow = copied,
): Lot {
  const added = portionsContents(portions);
  const { left, lostMl } = dried(together(lot.contents, added), lostAtFeed(lot, portions, added));
  const { held, spilledMl } = withinRim(left, lot.vessel.ml);
  const first = lot.events.length === 0;
  return {
    ...lot,
    contents: held,
    markMl: first ? Math.round(levelMl(held)) : lot.markMl,
    lostMl: lot.lostMl + lostMl + spilledMl,
    events: grow<LotEvent>(lot.events, {
      ...moment,
      kind: 'added',
      portions,
      celsius,
      lostMl: lostMl + spilledMl,
    }),
  };
}
