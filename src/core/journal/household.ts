import type { BatchState } from '../brew/batch-state';
import type { StarterState } from '../starter/starter-state';

/** The kitchen's temperature from an instant on. */
export interface WarmthStep {
  readonly at: number;
  readonly celsius: number;
}

/** Everything the journal tells, projected. */
export interface Household {
  readonly warmth: readonly WarmthStep[];
  readonly starters: Readonly<Record<string, StarterState>>;
  readonly batches: Readonly<Record<string, BatchState>>;
}

/** Kitchen temperature before anybody said one, °C. */
export const assumedCelsius = 21;

export const emptyHousehold: Household = { warmth: [], starters: {}, batches: {} };

/** Kitchen temperature at an instant, °C: the last one said before it, else the first said at all, else 21. */
export function warmthAt(warmth: readonly WarmthStep[], at: number): number {
  let celsius = warmth[0]?.celsius ?? assumedCelsius;
  for (const step of warmth) {
    if (step.at > at) break;
    celsius = step.celsius;
  }
  return celsius;
}
