import { knownCultures, type CultureTable } from '../cultures/registry';
import { levelMl, liquidMl } from '../matter/contents';
import type { Lot } from '../lots/lot';
import type { Portion } from '../matter/portion';
import { refusal, success, type Result } from '../result';
import { keptCulture, usualFeed } from './feed-plan';

export interface DrawPlan {
  readonly drawMl: number;
  readonly leftMl: number;
  readonly topUp: readonly Portion[];
}

/** Less than this starts nothing, ml. */
export const leastDrawMl = 5;

/**
 * The most that may be drawn now and still leave enough to regrow: a share of the mark stays.
 *
 * @returns ml, rounded down to 5, never negative; all the liquid of a lot that is no kept jar
 * @example // a ginger bug at its 400 ml mark gives 240 ml
 */
export function mostDrawableMl(lot: Lot, cultures: CultureTable = knownCultures): number {
  const keeping = keptCulture(lot, cultures)?.keeping;
  const liquid = liquidMl(lot.contents);
  if (!keeping) return liquid;
  const free = Math.min(liquid, levelMl(lot.contents) - keeping.mustStay * lot.markMl);
  return Math.max(0, Math.floor(free / 5 + 1e-9) * 5);
}

/**
 * What a draw leaves in the jar, and the top-up it needs.
 *
 * @param drawMl wanted, above 0
 * @returns the plan; refusal `draw.too-large` names the largest draw that works, `draw.nothing` an amount that is none
 */
export function planDraw(lot: Lot, drawMl: number, cultures: CultureTable = knownCultures): Result<DrawPlan> {
  const most = mostDrawableMl(lot, cultures);
  if (!(drawMl >= leastDrawMl)) return refusal('draw.nothing', { least: leastDrawMl });
  if (drawMl > most) {
    return most < leastDrawMl
      ? refusal('draw.too-low', { lot: lot.name, mark: lot.markMl })
      : refusal('draw.too-large', { lot: lot.name, most });
  }
  const leftMl = levelMl(lot.contents) - drawMl;
  return success({ drawMl, leftMl, topUp: usualFeed(lot, leftMl, cultures) });
}
