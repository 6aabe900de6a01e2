import { later } from '../shell/later';

/** The guide of the first days, with what it knows of every kind: loaded where something is young. */
export const BeginningGuide = later(async () => (await import('../forms/drawer')).BeginningGuide);

/** When a young jar is first to be drawn from: by the same guides. */
export const FirstDraw = later(async () => (await import('../forms/drawer')).FirstDraw);
