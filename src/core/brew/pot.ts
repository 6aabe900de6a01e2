import type { Method } from '../lots/records/method';
import { contentsOf } from '../lots/begin';
import { levelMl } from '../matter/contents';
import type { Row } from './composition';

/** A pot is filled to four fifths: what simmers rises. */
export const fullestPot = 0.8;
/** The stove's batches are not split further than this. */
const mostRounds = 4;

/** What is heated of a brew: its solids and sweeteners, and the water that is not held back. */
export interface PotLoad {
  readonly hotWaterMl: number;
  readonly heldMl: number;
  /** How high it stands in the pot, ml. */
  readonly levelMl: number;
}

/** The share of the water kept cold, to cool the pot with. */
const heldBack = 0.5;

/**
 * How full the pot gets.
 *
 * @param waterMl measured, what boils away included
 * @returns nothing to heat: a level of 0
 */
export function potLoad(waterMl: number, rows: readonly Row[], method: Method): PotLoad {
  if (method.heat === 'none') return { hotWaterMl: 0, heldMl: 0, levelMl: 0 };
  const heldMl = method.cool === 'cold-water' ? waterMl * heldBack : 0;
  const hot = rows.filter(({ when }) => when === 'pot').map(({ portion }) => portion);
  const hotWaterMl = waterMl - heldMl;
  return { hotWaterMl, heldMl, levelMl: hotWaterMl + levelMl(contentsOf(hot)) };
}

/** Whether a pot takes it; if not, the two ways that work. */
export type PotCheck =
  | { readonly fits: true }
  | {
      readonly fits: false;
      /** The smallest pot that takes it at once, ml. */
      readonly needsMl: number;
      /** Water to hold back cold so that the rest fits, ml; null when the solids alone fill the pot. */
      readonly holdBackMl: number | null;
      /** Equal rounds on the stove, and how much each; null when it takes more than four. */
      readonly rounds: { readonly count: number; readonly waterMl: number } | null;
    };

/**
 * Whether what is heated fits a pot with room to boil.
 *
 * @param potMl to the brim, above 0
 * @example potFits({ hotWaterMl: 4000, heldMl: 0, levelMl: 4500 }, 5000).needsMl // 5650
 */
export function potFits({ hotWaterMl, levelMl: level }: PotLoad, potMl: number): PotCheck {
  const room = potMl * fullestPot;
  if (level <= room + 1e-9) return { fits: true };
  const over = level - room;
  const count = Math.ceil(level / room - 1e-9);
  return {
    fits: false,
    needsMl: Math.ceil(level / fullestPot / 50) * 50,
    holdBackMl: over < 0.8 * hotWaterMl ? Math.ceil(over / 50) * 50 : null,
    rounds: count <= mostRounds ? { count, waterMl: hotWaterMl / count } : null,
  };
}
