import { gramsIn } from '../matter/substances';
import { liquidMl, solidGrams } from '../matter/contents';
import type { Lot } from './lot';

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
      ? [{ entryId: event.entryId, at: event.at, lotId: event.from, ml: liquidMl(event.contents), solidGrams: solidGrams(event.contents) }]
      : [],
  ); // prettier-ignore

/** What came of a lot. */
export const wentTo = (lot: Lot): Edge[] =>
  lot.events.flatMap((event) =>
    event.kind === 'went'
      ? [{ entryId: event.entryId, at: event.at, lotId: event.to, ml: liquidMl(event.contents), solidGrams: solidGrams(event.contents) }]
      : [],
  ); // prettier-ignore

/** Whether nothing is in it any more. */
export const isEmpty = (lot: Lot): boolean =>
  gramsIn(lot.contents.liquid) < 0.5 && solidGrams(lot.contents) < 0.5;

/** Whether a lot is still something to look after. */
export const isLiving = (lot: Lot): boolean =>
  lot.ended === null && !(lot.role === 'bottle' && lot.opened !== null) && !(isEmpty(lot) && lot.events.length > 0);
