import { hoursAt } from '../kitchen/pace';
import { celsiusAt, type Warmths } from '../kitchen/places';
import type { Lot } from './lot';
import { placeAt } from './place-at';
import { hourMs } from '../duration';

const stride = 3 * hourMs;

/** Days at 22 °C that a stretch of a lot's life comes to, by the temperatures of where it stood. @param from ms @param to ms */
export function daysLived(lot: Lot, warmths: Warmths, from: number, to: number): number {
  const moves = lot.events.flatMap((event) => (event.kind === 'moved' && event.at > from ? [event] : []));
  let place = placeAt(lot, from);
  let moved = 0;
  let days = 0;
  for (let at = from; at < to; at += stride) {
    for (; moved < moves.length && moves[moved]!.at <= at; moved++) place = moves[moved]!.place;
    const hours = Math.min(stride, to - at) / hourMs;
    days += hours / hoursAt(24, celsiusAt(warmths, place, at));
  }
  return days;
}
