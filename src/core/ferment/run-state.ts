import type { AcidMix } from './acid-balance';
import type { Conditions } from './conditions';
import type { Kept, LotStage } from './ferment';
import type { Member } from './member';
import type { Filling } from './vessel-gas';

/** A ferment being integrated: its state and what the integrator needs. Mutable on purpose; never leaves core/ferment. */
export interface FermentRun {
  readonly y: Float64Array;
  readonly c: Conditions;
  readonly acids: AcidMix;
  readonly member: Member;
  /** Vigour before it drifts. */
  readonly vigour: number;
  /** °C by which the culture suffers from heat sooner than its cells alone. */
  readonly tenderBy: number;
  /** How it lives on when it is a kept jar. */
  readonly kept: Kept | null;
  liquidMl: number;
  ph: number;
  filling: Filling;
  vessel: LotStage['vessel'] | null;
  celsius: number;
  hour: number;
  alive: boolean;
}

/** What is not sealed has no filling to speak of. */
export const unfilled: Filling = { headspaceRatio: 0, filledCelsius: 20 };
