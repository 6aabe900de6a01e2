import type { Fold } from '../../bench';

/** Kept for the ledger; it changes nothing in the vessel. */
export const stepTaken: Fold<'step-taken'> = { subjects: (entry) => [entry.lotId], fold: () => undefined };
