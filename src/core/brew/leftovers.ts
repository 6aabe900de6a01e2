import { knownCultures, type CultureTable } from '../cultures/registry';
import type { Lot } from '../lots/lot';
import { pourOff, without } from '../matter/contents';
import { mostDrawableMl, planDraw } from '../starter/draw-plan';
import { planBuildUp } from '../starter/build-up';
import { addPortions } from '../lots/add';
import type { Composition } from './composition';

/** A batch that wants more of its starter than the jar gives. */
export interface ShortOfStarter {
  /** What the jar gives now, and what the batch wants, ml. */
  readonly givesMl: number;
  readonly wantsMl: number;
  /** The batch that what it gives is enough for, ml. */
  readonly enoughForMl: number;
  /** What is left for a later batch, ml of it. */
  readonly leftMl: number;
  /** When the jar could start the rest, after the draw, a top-up and the feeds it takes; null when it cannot be built up. */
  readonly restAt: number | null;
  /** Share of the whole batch that the dose would be, and whether that is still usual for the kind. */
  readonly thinly: { readonly share: number; readonly usual: boolean };
}

/**
 * What a starter on hand is short of for a batch, and when the rest of it could start.
 *
 * @param lot the jar the dose is drawn from
 * @returns null when the jar gives enough
 */
export function shortOfStarter(
  composition: Composition,
  lot: Lot,
  at: { readonly now: number; readonly celsius: number },
  cultures: CultureTable = knownCultures,
): ShortOfStarter | null {
  const givesMl = mostDrawableMl(lot, cultures);
  const wantsMl = composition.dose;
  if (wantsMl <= givesMl + 0.5) return null;
  const enoughForMl = (composition.ml * givesMl) / wantsMl;
  const leftMl = composition.ml - enoughForMl;
  const share = givesMl / composition.ml;
  const low = cultures(lot.culture)?.dose.low ?? 0;
  return {
    givesMl,
    wantsMl,
    enoughForMl,
    leftMl,
    restAt: restAt(lot, givesMl, wantsMl - givesMl, at, cultures),
    thinly: { share, usual: share >= low - 1e-9 && givesMl > 0 },
  };
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
  return built.ok ? built.value.readyAt : null;
}
