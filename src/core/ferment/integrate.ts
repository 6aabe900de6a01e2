import { rates } from './rates';
import type { Conditions } from './conditions';
import { slots } from './state';

const { STATE_SIZE } = slots;

const dregs = 1e-12;

/** Room for the four slopes and the trial state of one Runge–Kutta step; reused for the whole run. */
export interface Workspace {
  readonly k1: Float64Array;
  readonly k2: Float64Array;
  readonly k3: Float64Array;
  readonly k4: Float64Array;
  readonly trial: Float64Array;
}

const room = () => new Float64Array(STATE_SIZE);

export const freshWorkspace = (): Workspace => ({
  k1: room(),
  k2: room(),
  k3: room(),
  k4: room(),
  trial: room(),
});

/**
 * One classical fourth-order Runge–Kutta step, in place.
 *
 * @param y state, replaced by the state `step` hours on
 * @param c conditions, held still
 * @param step hours; 1 keeps event times within 0.5 % of a run at 1/64 h
 * @source M. Kutta 1901; positivity from the limited rates
 */
export function rungeKutta(y: Float64Array, c: Conditions, step: number, w: Workspace): void {
  const { k1, k2, k3, k4, trial } = w;
  rates(y, k1, c, step);
  for (let i = 0; i < STATE_SIZE; i++) trial[i] = y[i]! + 0.5 * step * k1[i]!;
  rates(trial, k2, c, step);
  for (let i = 0; i < STATE_SIZE; i++) trial[i] = y[i]! + 0.5 * step * k2[i]!;
  rates(trial, k3, c, step);
  for (let i = 0; i < STATE_SIZE; i++) trial[i] = y[i]! + step * k3[i]!;
  rates(trial, k4, c, step);
  for (let i = 0; i < STATE_SIZE; i++) {
    const next = y[i]! + (step / 6) * (k1[i]! + 2 * (k2[i]! + k3[i]!) + k4[i]!);
    // Dregs below a picogram are nothing; left to shrink they would become denormal numbers, a hundred times slower.
    y[i] = next < dregs ? 0 : next;
  }
}
