import { movedBy, type Lot } from '../lots/lot';
import { fermentableGrams, volumeOf } from '../matter/substances';
import { cameIn, livingLiquid } from './living-liquid';
import type { LiquidAsk } from './root-ferment';

/**
 * Sugar that went into a lot, g per litre of its liquid: what was added exactly, of what came from a living jar what that still
 * had. What has fermented away since is the forecast's business.
 */
export function mixedSugar(lot: Lot, ask: LiquidAsk): number {
  let grams = 0;
  let ml = 0;
  for (const event of lot.events) {
    if (event.kind !== 'added' && event.kind !== 'came') continue;
    ml += volumeOf(movedBy(event).liquid);
    grams += fermentableGrams(event.kind === 'came' ? cameIn(event, ask).liquid : movedBy(event).liquid);
  }
  return ml > 0 ? (grams / ml) * 1000 : 0;
}

/** Sugar that a living jar's liquid has left at an instant, g/L; null for what is not alive. */
export function sugarLeft(lot: Lot, ask: LiquidAsk, at: number): number | null {
  const liquid = livingLiquid(lot, ask, { at });
  return liquid && liquid.sucrose + liquid.glucose + liquid.fructose;
}
