import { knownCultures, type CultureTable } from '../cultures/registry';
import { paceAt } from '../forecast/question/starter-question';
import { celsiusAt, type PlaceId, type Warmths } from '../kitchen/places';
import { hoursAt } from '../kitchen/pace';
import type { Lot } from '../lots/lot';
import { keptCulture } from './feed-plan';

/** What moving a lot to another place would change. */
export interface MoveEffect {
  readonly from: number;
  readonly to: number;
  /** How much faster it goes there: 2 is twice as fast. */
  readonly pace: number;
  /** Hours between feeds, here and there; null for what is not fed. */
  readonly feedHours: readonly [here: number, there: number] | null;
  /** Too warm for its kind: it suffers. */
  readonly suffers: boolean;
}

/** Where cells begin to suffer, °C: practice; tender kinds sooner by their own degrees. */
const suffersAbove = 34;

/**
 * What moving would change, at the temperatures both places have now.
 *
 * @returns null when both are as warm
 */
export function moveEffect(
  lot: Lot,
  place: PlaceId,
  warmths: Warmths,
  now: number,
  cultures: CultureTable = knownCultures,
): MoveEffect | null {
  const [from, to] = [celsiusAt(warmths, lot.place, now), celsiusAt(warmths, place, now)];
  if (Math.abs(from - to) < 0.25) return null;
  const keeping = keptCulture(lot, cultures)?.keeping;
  const fed = keeping && keeping.feed.sugarShare > 0 && lot.place !== 'fridge' && place !== 'fridge';
  const tender = cultures(lot.culture)?.tenderBy ?? 0;
  return {
    from,
    to,
    pace: paceAt(to) / paceAt(from),
    feedHours: fed ? [hoursAt(keeping.feed.everyHours, from), hoursAt(keeping.feed.everyHours, to)] : null,
    suffers: to + tender > suffersAbove,
  };
}
