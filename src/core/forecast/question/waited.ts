import type { Culture } from '../../cultures/culture';
import { doseAlive } from '../../ferment/scenario/dose-age';
import { celsiusAt, type Warmths } from '../../kitchen/places';
import type { Lot } from '../../lots/lot';
import type { LotFinder, Pitch } from '../../lots/pitch';
import { placeAt } from '../../lots/place-at';
import { dayMs } from '../../duration';

/** What a trial in warm sweet water says of a packet: dead ones do not foam. Shares of what its age alone would leave. Practice. */
const trialSays: Readonly<Record<string, number>> = { none: 0.12, some: 0.7 };
/** A packet that foamed well has at least so much alive. */
const foamedAtLeast = 0.65;

/**
 * What is still alive of a packet, from its date to an instant, at the temperatures of where it lay, and after its last trial.
 *
 * @param at ms
 * @returns 0–1; 1 for a culture that is not known to age
 */
export function packetAlive(lot: Lot, culture: Culture, warmths: Warmths, at: number): number {
  let alive = 1;
  for (let from = lot.begunAt; from < at; from += dayMs) {
    const days = Math.min(dayMs, at - from) / dayMs;
    alive *= doseAlive(culture, days, celsiusAt(warmths, placeAt(lot, from), from));
  }
  const trial = lot.events
    .flatMap((event) => (event.kind === 'read' && event.at <= at ? event.readings : []))
    .filter(({ kind }) => kind === 'foam')
    .at(-1);
  if (!trial) return alive;
  const share = trialSays[String(trial.value)];
  return share === undefined ? Math.max(foamedAtLeast, alive) : alive * share;
}

/** What of a dose is alive: a packet ages from its date; what comes from a jar is judged by the jar. @returns 0–1 */
export function doseAliveOf({ culture, fromLotId, at }: Pitch, find: LotFinder, warmths: Warmths): number {
  const packet = fromLotId !== null && culture.packet ? find(fromLotId) : undefined;
  return packet ? packetAlive(packet, culture, warmths, at) : 1;
}
