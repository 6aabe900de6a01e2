import type { Lot } from './lot';

/** The lots a fold works on: immutable values in a place that can be written. */
export interface Shelf {
  lot(id: string): Lot | undefined;
  put(lot: Lot): void;
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
  };
}
