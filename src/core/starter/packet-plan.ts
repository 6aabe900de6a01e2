import type { Culture } from '../cultures/culture';
import type { Warmths } from '../kitchen/places';
import { packetAlive } from '../forecast/question/waited';
import type { Lot } from '../lots/lot';
import { solidGrams } from '../matter/contents';
import { toStep } from '../measures/sensible';

/** How a batch is pitched from a packet: how much, and the water it is woken in. */
export interface PacketPlan {
  readonly alive: number;
  /** Share alive is known within this factor either way: packets differ. */
  readonly doubt: number;
  readonly leftGrams: number;
  /** Dose for the batch: the usual one, more of an old packet, never more than there is. */
  readonly grams: number;
  readonly enough: boolean;
  readonly waterMl: number;
}

/** How far packets of one age differ: practice, 65–85 % of a fresh one live. */
const packetsDiffer = 1.18;
/** A packet is made up for with more of it up to this much. */
const mostMadeUp = 3;

/**
 * The dose of a packet for a batch, by what of it is alive.
 *
 * @param batchMl ml
 * @returns grams to a tenth
 * @example // half alive, 2 L at 0.5 g/L: 2 g in 20 ml of water
 */
export function packetPlan(
  lot: Lot,
  culture: Culture,
  warmths: Warmths,
  batchMl: number,
  now: number,
): PacketPlan {
  const alive = packetAlive(lot, culture, warmths, now);
  const leftGrams = solidGrams(lot.contents);
  const wanted = ((culture.dose.usual * batchMl) / 1000) * Math.min(mostMadeUp, 1 / Math.max(0.01, alive));
  const grams = toStep(Math.min(leftGrams, wanted), 0.1);
  return {
    alive,
    doubt: packetsDiffer,
    leftGrams,
    grams,
    enough: wanted <= leftGrams + 0.05 && alive * mostMadeUp >= 1,
    waterMl: Math.max(10, toStep(grams * (culture.packet?.waterMlPerGram ?? 10), 5)),
  };
}
