import type { Fold } from '../../fold';

/** Undoings are settled before anything is told (see standing.ts). */
export const undone: Fold<'undone'> = { subjects: () => [], fold: () => undefined };
