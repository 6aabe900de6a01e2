import { recordRow } from './ferment-run';
import { FermentRun } from './run-state';
import { stepOn } from './step';

/** Where steps are made, one ferment at a time. */
export interface Bench {
  /** Lays a ferment down as it enters a stage, its conditions worked out. */
  readonly take: (run: FermentRun) => void;
  readonly go: (steps: number, hours: number) => void;
  /** Temperature of the liquid now, °C. */
  readonly celsius: () => number;
  /** Copies the state, the acidity and the rate of gas making into a row of `rows`. */
  readonly record: (rows: Float32Array | Float64Array, at: number, gasRate: number) => void;
  /** Brings the ferment that was taken up to date, but for the conditions of its next step. Its state is, at any time, and may be changed. */
  readonly leave: () => void;
}

/** Steps as they are written. */
export function plainBench(): Bench {
  let on = new FermentRun();
  return {
    take: (run) => (on = run),
    go: (steps, hours) => {
      for (let i = 0; i < steps; i++) stepOn(on, hours);
    },
    celsius: () => on.celsius,
    record: (rows, at, gasRate) => recordRow(on, rows, at, gasRate),
    leave: () => undefined,
  };
}

let bench = plainBench();

/** Makes steps elsewhere from now on: where they are compiled. */
export const makeStepsOn = (other: Bench): void => {
  bench = other;
};

export const benchNow = (): Bench => bench;
