import type { Fold } from '../../fold';

/** Corrections are settled before anything is told (see standing.ts). */
export const amended: Fold<'amended'> = { subjects: () => [], fold: () => undefined };
