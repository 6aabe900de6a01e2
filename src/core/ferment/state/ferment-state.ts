import { AcidMix } from '../relations/acid-balance';
import { Conditions } from './conditions';
import { Member } from './member';
import { slots } from './state';

/** A closed vessel: how much headspace it was filled with, against its liquid, and how warm the liquid was then. */
export class Filling {
  headspaceRatio: number = 0;
  filledCelsius: number = 20;
}

/** A ferment as it stands between two steps: its state and all that a step needs. Mutable on purpose; never leaves core/ferment. */
export class FermentState {
  y: Float64Array = new Float64Array(slots.STATE_SIZE);
  c: Conditions = new Conditions();
  acids: AcidMix = new AcidMix();
  member: Member = new Member();
  /** What is not sealed has no filling to speak of. */
  filling: Filling = new Filling();
  /** Vigour before it drifts. */
  vigour: number = 1;
  /** °C by which the culture suffers from heat sooner than its cells alone. */
  tenderBy: number = 0;
  ph: number = 5;
  /** Temperature of the liquid, and what the place it stands in is said to have, °C. */
  celsius: number = 20;
  placeCelsius: number = 20;
  hour: number = 0;
  /** Gas made up to the last row recorded, g/L. */
  made: number = 0;
  alive: boolean = true;
  sealed: boolean = false;
}
