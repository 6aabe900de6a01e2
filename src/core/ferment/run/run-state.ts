import type { Kept, LotStage } from '../scenario/ferment';
import { FermentState } from '../state/ferment-state';

/** A ferment being integrated: how it stands, and what changes of vessel need. Mutable on purpose; never leaves core/ferment. */
export class FermentRun extends FermentState {
  /** How it lives on when it is a kept jar. */
  kept: Kept | null = null;
  liquidMl = 1000;
  /** Hour at which it was last stirred, fed, mixed or poured. */
  stirredAt = 0;
  vessel: LotStage['vessel'] | null = null;
}
