import type { Fold } from '../../fold';

/** Kept for the ledger; it changes nothing in the vessel. */
export const noted: Fold<'noted'> = {
  subjects: (entry) => (entry.lotId ? [entry.lotId] : []),
  fold: () => undefined,
};
