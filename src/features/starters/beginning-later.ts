import { later } from '../shell/later';

/** The guide of the first days, with what it knows of every kind: loaded where something is young. */
export const BeginningGuide = later(async () => (await import('../forms/drawer')).BeginningGuide);
