import type { Lot } from '../../lots/lot';

/**
 * A lot as it stood just before an instant: what was seen, tasted or done from then on is not known yet. What was poured into
 * it and out of it stays as the journal tells it.
 *
 * Used to ask what the forecast said before a bottle was opened, without what the opening told.
 */
export function lotAsOf(lot: Lot, at: number): Lot {
  if (lot.begunAt >= at) return lot;
  const events = lot.events.filter((event) => event.at < at);
  const moved = events.filter((event) => event.kind === 'moved').at(-1);
  const closed = events.filter((event) => event.kind === 'closed').at(-1);
  return {
    ...lot,
    events,
    place: moved?.place ?? lot.firstPlace,
    closure: closed?.closure ?? lot.firstClosure,
    opened: lot.opened && lot.opened.at < at ? lot.opened : null,
    ended: lot.ended && lot.ended.at < at ? lot.ended : null,
  };
}
