import type { Lot } from './lot';

/** A list with one more at its end. */
export type Grow = <T>(list: readonly T[], item: T) => readonly T[];

/** A new list, the old one left as it was. */
export const copied: Grow = (list, item) => [...list, item];

/** Lists that grow in place: for telling a long journal at one go, where nobody else holds them yet. */
export function growingInPlace(): Grow {
  const ours = new WeakSet<readonly unknown[]>();
  return (list, item) => {
    if (ours.has(list)) {
      (list as (typeof item)[]).push(item);
      return list;
    }
    const fresh = [...list, item];
    ours.add(fresh);
    return fresh;
  };
}

/** The lots a fold works on: immutable values in a place that can be written. */
export interface Shelf {
  lot(id: string): Lot | undefined;
  put(lot: Lot): void;
  /** Adds to a lot's list of events. */
  readonly grow: Grow;
  /** Whether this lot is being told anew: others keep what they already hold, and lend what they once gave. */
  isOpen(id: string): boolean;
}

/** A shelf over a plain map, every lot open. */
export function openShelf(lots: Map<string, Lot> = new Map()): Shelf & { readonly lots: Map<string, Lot> } {
  return {
    lots,
    lot: (id) => lots.get(id),
    put: (lot) => void lots.set(lot.id, lot),
    isOpen: () => true,
    grow: copied,
  };
}
