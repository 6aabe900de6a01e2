import { gravityOfBrix } from '../sugar/sucrose-solution';
import type { Lot } from './lot';
import { hourMs } from '../duration';

/** A gravity read so long after the pitch is still that of the beginning: practice, nothing has been eaten yet. */
const originalHours = 12;

/** Gravities that were read on a brew, SG 20/20. */
export interface Gravities {
  /** As it began; null when nobody read it. */
  readonly original: number | null;
  /** The last one read since; null when there is none. */
  readonly latest: { readonly sg: number; readonly at: number } | null;
}

/**
 * The original gravity and the latest one, as a hydrometer or, before anything ferments, a refractometer read them. A
 * refractometer is wrong once there is alcohol, so later °Brix do not count.
 *
 * @param pitchedAt instant; null while it is not pitched, when every reading is of the beginning
 */
export function gravitiesOf({ events }: Pick<Lot, 'events'>, pitchedAt: number | null): Gravities {
  let original: number | null = null;
  let latest: Gravities['latest'] = null;
  for (const event of events) {
    if (event.kind !== 'read') continue;
    const first = pitchedAt === null || event.at <= pitchedAt + originalHours * hourMs;
    for (const { kind, value } of event.readings) {
      if (typeof value !== 'number') continue;
      if (first && kind === 'sg') original = value;
      else if (first && kind === 'brix') original = gravityOfBrix(value);
      else if (!first && kind === 'sg') latest = { sg: value, at: event.at };
    }
  }
  return { original, latest };
}
