import type { PlaceId } from '../kitchen/places';
import type { Lot } from './lot';

/** Where a lot stood at an instant, ms: at its first place before it was ever moved. */
export function placeAt(lot: Lot, at: number): PlaceId {
  let place = lot.firstPlace;
  for (const event of lot.events) {
    if (event.at > at) break;
    if (event.kind === 'moved') place = event.place;
  }
  return place;
}
