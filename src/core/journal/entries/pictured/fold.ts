import type { Fold } from '../../fold';

/** Kept for the ledger; it changes nothing in the vessel. */
export const pictured: Fold<'pictured'> = { subjects: (entry) => [entry.lotId], fold: () => undefined };
