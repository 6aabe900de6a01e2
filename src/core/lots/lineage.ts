import { gramsIn, volumeOf } from '../matter/substances';
import { liquidMl, solidGrams } from '../matter/contents';
import { movedBy, type Lot, type LotEvent } from './lot';

/** One edge of a lot's history: what came from where, or went where, and when. */
export interface Edge {
  readonly entryId: string;
  readonly at: number;
  /** The other lot; null for away. */
  readonly lotId: string | null;
  readonly ml: number;
  readonly solidGrams: number;
}

/** Where a lot came from: every lot that something was poured, drawn or lifted from. */
export const cameFrom = (lot: Lot): Edge[] =>
  lot.events.flatMap((event) =>
    event.kind === 'came'
      ? [
          {
            entryId: event.entryId,
            at: event.at,
            lotId: event.from,
            ml: liquidMl(event.contents),
            solidGrams: solidGrams(event.contents),
          },
        ]
      : [],
  );

/** What came of a lot. */
export const wentTo = (lot: Lot): Edge[] =>
  lot.events.flatMap((event) =>
    event.kind === 'went'
      ? [
          {
            entryId: event.entryId,
            at: event.at,
            lotId: event.to,
            ml: liquidMl(event.contents),
            solidGrams: solidGrams(event.contents),
          },
        ]
      : [],
  );

/** Whether nothing is in it any more. */
export const isEmpty = (lot: Lot): boolean =>
  gramsIn(lot.contents.liquid) < 0.5 && solidGrams(lot.contents) < 0.5;

/** Share of what was once in a vessel below which, once drawn from, it holds only dregs. Practice. */
const dregs = 0.12;

/** Whether a brew's liquid has gone on, into bottles or another jar, all but its dregs. */
export function isDrained(lot: Lot): boolean {
  let inMl = 0;
  let outMl = 0;
  for (const event of lot.events) {
    if (event.kind === 'added' || event.kind === 'came') inMl += volumeOf(movedBy(event).liquid);
    if (event.kind === 'went') outMl += volumeOf(movedBy(event).liquid);
  }
  return outMl > 0 && liquidMl(lot.contents) < dregs * inMl;
}

/** Whether a lot is still something to look after. */
export const isLiving = (lot: Lot): boolean =>
  lot.ended === null &&
  !(lot.role === 'bottle' && lot.opened !== null) &&
  !(isEmpty(lot) && lot.events.length > 0) &&
  !(lot.role === 'brew' && isDrained(lot));

/** When something of a kind last happened to a lot, ms; its beginning if never. */
export function lastAt(lot: Lot, is: (event: LotEvent) => boolean): number {
  for (let i = lot.events.length - 1; i >= 0; i--) {
    const event = lot.events[i]!;
    if (is(event)) return event.at;
  }
  return lot.begunAt;
}
