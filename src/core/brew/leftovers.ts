import { knownCultures, type CultureTable } from '../cultures/registry';
import { hoursAt } from '../kitchen/pace';
import type { Lot } from '../lots/lot';
import { pourOff, solidGrams, without } from '../matter/contents';
import { mostDrawableMl, planDraw } from '../starter/draw-plan';
import { keptCulture } from '../starter/feed-plan';
import { planBuildUp } from '../starter/build-up';
import { addPortions } from '../lots/add';
import type { Composition } from './composition';
import { hourMs } from '../duration';

/** A batch that wants more of its starter than the jar gives. */
export interface ShortOfStarter {
  /** Whether it is grains, weighed, rather than liquid. */
  readonly byGrams: boolean;
  /** What the jar gives now, and what the batch wants: ml, or g of grains. */
  readonly gives: number;
  readonly wants: number;
  /** The batch that what it gives is enough for, ml. */
  readonly enoughForMl: number;
  /** What is left for a later batch, ml of it. */
  readonly leftMl: number;
  /** When the jar could start the rest, after the draw, a top-up and the feeds it takes; null when it cannot be built up. */
  readonly restAt: number | null;
  /** Share of the whole batch that the dose would be (grams a litre of grains), and whether that is still usual for the kind. */
  readonly thinly: { readonly share: number; readonly usual: boolean };
}

/**
 * What a starter on hand is short of for a batch, and when the rest of it could start.
 *
 * @param lot the jar the dose is drawn from
 * @param byGrams whether its grains are moved rather than its liquid drawn
 * @returns null when the jar gives enough
 */
export function shortOfStarter(
  composition: Composition,
  lot: Lot,
  at: { readonly now: number; readonly celsius: number },
  byGrams = false,
  cultures: CultureTable = knownCultures,
): ShortOfStarter | null {
  const gives = byGrams ? solidGrams(lot.contents) : mostDrawableMl(lot, cultures);
  const wants = composition.dose;
  if (wants <= gives + 0.5) return null;
  const enoughForMl = (composition.ml * gives) / wants;
  const leftMl = composition.ml - enoughForMl;
  // As the kind is dosed: a share of the batch, or grams a litre.
  const share = byGrams ? (gives / composition.ml) * 1000 : gives / composition.ml;
  const low = cultures(lot.culture)?.dose.low ?? 0;
  return {
    byGrams,
    gives,
    wants,
    enoughForMl,
    leftMl,
    restAt: byGrams ? grownAt(lot, wants, at, cultures) : restAt(lot, gives, wants - gives, at, cultures),
    thinly: { share, usual: share >= low - 1e-9 && gives > 0 },
  };
}

/** When grains left in their jar have grown to as many; they grow by cycles, a fifth in a good one. */
function grownAt(
  lot: Lot,
  wanted: number,
  { now, celsius }: { readonly now: number; readonly celsius: number },
  cultures: CultureTable,
): number | null {
  const built = planBuildUp(lot, { amount: wanted, at: now, now, celsius }, cultures);
  return built.ok ? built.value.readyAt : null;
}

/** When the drawn-down, topped-up jar has so much again. */
function restAt(
  lot: Lot,
  drawn: number,
  wanted: number,
  { now, celsius }: { readonly now: number; readonly celsius: number },
  cultures: CultureTable,
): number | null {
  const plan = drawn > 0 ? planDraw(lot, drawn, cultures) : null;
  const after: Lot = plan?.ok
    ? addPortions(
        { ...lot, contents: without(lot.contents, pourOff(lot.contents, drawn)) },
        plan.value.topUp,
        { at: now, entryId: 'later' },
      )
    : lot;
  const built = planBuildUp(after, { amount: wanted, at: now, now, celsius }, cultures);
  // However quickly it foams again, a jar rests between two draws.
  const rested = now + hoursAt(keptCulture(after, cultures)?.keeping.restHours ?? 0, celsius) * hourMs;
  return built.ok ? Math.max(built.value.readyAt, rested) : null;
}
