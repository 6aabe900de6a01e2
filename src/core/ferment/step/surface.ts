import type { LotStage } from '../scenario/ferment';

/** CO2 that leaves through a still, open surface: depth of liquid emptied per hour, cm (practice; flat water gives 0.5–2). */
const stillExchange = 0.9;
/** How much faster when it is stirred or shaken every few hours. */
const stirredExchange = 5;
/** Depth of liquid whose alcohol goes through an open surface under cloth in an hour, cm: a jar loses some 2 % of its water a day, and alcohol leaves a dilute drink twelve times as readily (practice). */
const alcoholExchange = 0.11;
/** Vinegar made under a bare surface, and more under a whole pellicle, g/m² and day: what oxygen allows (practice: tea ferments sour by 4–8 g/L of acetic acid in a week in jars as wide as high, and 8–12 in two). */
const bareSurface = 82;
const wholePellicle = 36;
/** Stirring brings air down and breaks the pellicle. */
const stirredSurface = 1.5;
/** Share of a kitchen's air that reaches the liquid. A trace passes a water lock or a loose lid. */
const reachOfAir: Readonly<Record<LotStage['vessel'], number>> = { open: 1, airlock: 0.02, sealed: 0 };

/** Surface of a jar as wide as its liquid is high, cm² for a litre of it. @example surfaceOf(1000) // ≈ 92 */
export const surfaceOf = (liquidMl: number): number => (Math.PI / 4) * ((4 * liquidMl) / Math.PI) ** (2 / 3);

/** What passes through a surface, as shares and grams per litre and hour. */
export interface Surface {
  /** CO2 above what the liquid keeps in air that leaves, share per hour. */
  readonly exchange: number;
  /** Alcohol that evaporates, share per hour. */
  readonly alcoholLost: number;
  /** Vinegar that oxygen allows under the bare surface, and more under a whole pellicle, g/(L·h). */
  readonly airing: number;
  readonly pellicle: number;
}

/**
 * What a stage's surface lets through.
 *
 * @param surfaceCm2 of the liquid; the default jar is as wide as its liquid is high
 * @example surfaceAt({ hours: 1, vessel: 'open', celsius: 20, headspaceMl: 0, ventEveryHours: null, stirred: false }, 1000).exchange // ≈ 0.083
 */
export function surfaceAt(stage: LotStage, liquidMl: number): Surface {
  const perMl = (stage.surfaceCm2 ?? surfaceOf(liquidMl)) / liquidMl;
  const air = reachOfAir[stage.vessel];
  const open = stage.vessel === 'open';
  // A square metre over a litre and a day: cm²/ml is 0.1 m²/L.
  const daily = (perMl * 0.1 * air) / 24;
  return {
    exchange: open ? perMl * stillExchange * (stage.stirred ? stirredExchange : 1) : 0,
    alcoholLost: open ? perMl * alcoholExchange : 0,
    airing: daily * bareSurface * (stage.stirred ? stirredSurface : 1),
    pellicle: stage.stirred ? 0 : daily * wholePellicle,
  };
}
