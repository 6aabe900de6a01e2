import type { PlaceId, WarmthStep } from '../kitchen/places';
import type { LotStore } from '../lots/lot-store';
import type { Lot, LotEvent } from '../lots/lot';
import type { Setting } from '../settings/settings';
import type { Entry, EntryKind, EntryOf } from './entry';

/** What folds write to: lots, the temperatures of places, and the household's settings. */
export interface FoldTarget extends LotStore {
  warm(place: PlaceId, step: WarmthStep): void;
  set(setting: Setting): void;
}

/** How an entry of a kind is applied: what it is about, and what it changes there. */
export interface Fold<K extends EntryKind> {
  /** Subjects: lot ids, `place:…`, `kept:…`. The lots whose contents it changes come first. */
  readonly subjects: (entry: EntryOf<K>) => readonly string[];
  readonly fold: (target: FoldTarget, entry: EntryOf<K>) => void;
}

type Rest = LotEvent extends infer E ? (E extends LotEvent ? Omit<E, 'at' | 'entryId'> : never) : never;

/** Writes something into the lives of the open lots among `ids`. */
export function recordEvent(
  target: FoldTarget,
  ids: readonly string[],
  entry: Entry,
  event: Rest,
  change: Partial<Lot> = {},
): void {
  for (const id of ids) {
    const lot = target.isOpen(id) ? target.lot(id) : undefined;
    if (lot)
      target.put(
        target.writer.change(lot, {
          ...change,
          events: target.writer.grow(lot.events, { at: entry.at, entryId: entry.id, ...event } as LotEvent),
        }),
      );
  }
}
