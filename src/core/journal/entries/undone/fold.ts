import type { Fold } from '../../bench';

/** Undoings are settled before anything is told (see standing.ts). */
export const undone: Fold<'undone'> = { subjects: () => [], fold: () => undefined };
