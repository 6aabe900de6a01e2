import { knownCultures, type CultureTable } from '../cultures/registry';
import type { Lot } from '../lots/lot';
import { isLiving } from '../lots/lineage';
import { liquidMl, pourOff, without } from '../matter/contents';
import { planBuildUp } from './build-up';
import { mostDrawableMl } from './draw-plan';
import { keptCulture } from './feed-plan';
import { hourMs } from '../duration';

/** A brew that is mixed and waits for a draw from a jar. */
export interface Claim {
  readonly lotId: string;
  readonly name: string;
  readonly ml: number;
}

/** What a jar is promised to, in the order it was promised. */
export const claimsOn = (jar: Lot, lots: readonly Lot[]): Claim[] =>
  lots
    .filter(
      (lot) =>
        lot.role === 'brew' &&
        isLiving(lot) &&
        lot.recipe?.planned?.lotId === jar.id &&
        (lot.recipe.planned.ml ?? 0) > 0 &&
        !lot.events.some(({ kind }) => kind === 'came'),
    )
    .sort((a, b) => a.begunAt - b.begunAt || (a.id < b.id ? -1 : 1))
    .map((lot) => ({ lotId: lot.id, name: lot.name, ml: lot.recipe!.planned!.ml! }));

/** Whether a jar can serve one more draw beside what it is promised to. */
export interface Competition {
  /** The others, before this one. */
  readonly claims: readonly Claim[];
  readonly promisedMl: number;
  /** What is left to draw now when the others are served, ml. */
  readonly freeMl: number;
  /** When this much could be drawn after them, ms; null when the jar never comes to it. */
  readonly soonest: number | null;
}

/**
 * Two brews that want the same jar: what is left when the others are served, and when this one could be, the jar fed and
 * topped up on the way.
 *
 * @param ml wanted by this one
 * @returns null when there is enough for all
 */
export function competition(
  jar: Lot,
  claims: readonly Claim[],
  ml: number,
  { now, celsius }: { readonly now: number; readonly celsius: number },
  cultures: CultureTable = knownCultures,
): Competition | null {
  const promisedMl = claims.reduce((sum, claim) => sum + claim.ml, 0);
  const most = mostDrawableMl(jar, cultures);
  if (claims.length === 0 || promisedMl + ml <= most) return null;
  const served = Math.min(promisedMl, liquidMl(jar.contents));
  const left: Lot = { ...jar, contents: without(jar.contents, pourOff(jar.contents, served)) };
  const plan = planBuildUp(left, { amount: ml, at: now, now, celsius }, cultures);
  const rest = (keptCulture(jar, cultures)?.keeping.restHours ?? 0) * hourMs;
  return {
    claims,
    promisedMl,
    freeMl: Math.max(0, most - promisedMl),
    soonest: plan.ok ? Math.max(plan.value.soonest, now + rest) : null,
  };
}
