import type { Reading } from '../../ferment/scenario/ferment';

/** A reading that hardly any plausible kitchen would give, and what was expected in its place. */
export interface UnusualReading {
  readonly reading: Reading;
  /** How warm it stood then, °C. */
  readonly celsius: number;
  /** The mean of what was expected, in the reading's own unit. */
  readonly expected: number;
  /** Whether it tells of less pressure than expected. */
  readonly below: boolean;
}

/** Everything that a forecast says beside its figures, by code, with what its sentence needs; shares 0–1, temperatures °C. */
interface ForecastWarnings {
  /** Of a dose that has waited, so much is alive. */
  'dose.old': { readonly alive: number };
  /** So many of its cells died of heat, of hunger. */
  'cells.heat': { readonly dead: number; readonly celsius: number };
  'cells.hunger': { readonly dead: number };
  /** It slept so many days in the cold. */
  'cells.asleep': { readonly days: number };
  'reading.unusual': UnusualReading;
  /** Readings that contradict each other were weighed less. */
  'readings.disagree': null;
  /** The bottles take more than the jar gives, litres. */
  'bottles.more-than-jar': { readonly filled: number; readonly there: number };
}

export type ForecastWarning = {
  [C in keyof ForecastWarnings]: { readonly code: C; readonly params: ForecastWarnings[C] };
}[keyof ForecastWarnings];
