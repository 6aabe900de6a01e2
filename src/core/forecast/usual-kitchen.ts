import type { KnownKitchen } from '../ferment/ferment';

/**
 * Standard deviations of the logarithms, and of the temperatures in °C: practice, see docs/forecast.md. The drifts, the shape
 * and the gas tolerance stand for what the equations themselves have wrong.
 */
export const spread = {
  lag: 0.5,
  bacteria: 0.5,
  capacity: 0.28,
  offset: 1.1,
  swing: 1.2,
  cells: 0.33,
  growth: 0.37,
  earlyDrift: 0.1,
  lateDrift: 0.22,
  shape: 0.65,
  gasTolerance: 0.35,
  fridge: 2,
  coldActivity: 0.58,
} as const;

/** A kitchen of which nothing was learned. */
export const usualKitchen: KnownKitchen = {
  offset: { mean: 0, deviation: spread.offset },
  fridge: { mean: 0, deviation: spread.fridge },
  coldActivity: { mean: 0, deviation: spread.coldActivity },
};
