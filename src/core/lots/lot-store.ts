import type { Lot } from './lot';

/** How lots are written on: what somebody may hold stays as it was. */
export interface LotWriter {
  /** A list with one more at its end. */
  readonly grow: <T>(list: readonly T[], item: T) => readonly T[];
  /** A lot with some of it changed. */
  readonly change: (lot: Lot, change: Partial<Lot>) => Lot;
}

/** Writes on copies. */
export const copyOnWrite: LotWriter = {
  grow: (list, item) => list.concat([item]),
  change: (lot, change) => ({ ...lot, ...change }),
};

/**
 * Copies what it has not met yet and writes on its own copies in place: for building a long journal at one go, where nobody
 * else holds them yet.
 */
export function inPlaceWriter(): LotWriter {
  const ours = new WeakSet<object>();
  const own = <T extends object>(fresh: T): T => {
    ours.add(fresh);
    return fresh;
  };
  return {
    grow: (list, item) => {
      if (!ours.has(list)) return own([...list, item]);
      (list as (typeof item)[]).push(item);
      return list;
    },
    change: (lot, change) =>
      ours.has(lot)
        ? Object.assign(lot as { -readonly [K in keyof Lot]: Lot[K] }, change)
        : own({ ...lot, ...change }),
  };
}

/** The lots a fold works on: immutable values in a place that can be written. */
export interface LotStore {
  lot(id: string): Lot | undefined;
  put(lot: Lot): void;
  readonly writer: LotWriter;
  /** Whether this lot is being rebuilt: others keep what they already hold, and lend what they once gave. */
  isOpen(id: string): boolean;
}

/** A store over a plain map, every lot open. */
export function openStore(
  lots: Map<string, Lot> = new Map(),
): LotStore & { readonly lots: Map<string, Lot> } {
  return {
    lots,
    lot: (id) => lots.get(id),
    put: (lot) => void lots.set(lot.id, lot),
    isOpen: () => true,
    writer: copyOnWrite,
  };
}
