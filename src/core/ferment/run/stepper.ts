import { recordRow } from './ferment-run';
import { FermentRun } from './run-state';
import { slots } from '../state/state';
import { stepOn } from '../step/step';
import type { StepPlan } from './step-plan';
import { stretch } from './stretch';

const { CO2, ESCAPED, ROW_SIZE } = slots;
const { HOURS, ROW, SINCE, SIZE, STEPS } = stretch;

/** Where members write their rows: those of an hour follow each other, from row `first` on. */
export interface Recorder {
  readonly rows: Float64Array | Float32Array;
  readonly celsius: Float64Array | Float32Array;
  readonly first: number;
}

/** Where steps are made, one ferment at a time. */
export interface Stepper {
  /** Makes ready for as many members that go through the same stretches. */
  readonly lay: (plan: StepPlan, members: number, into: Recorder) => void;
  /** Lays a ferment down as it enters a stage, its conditions worked out. */
  readonly take: (run: FermentRun) => void;
  /** Goes through the stretches from one up to another, and records the rows they reach. */
  readonly go: (from: number, to: number, member: number) => void;
  /** Brings the ferment that was taken up to date, but for the conditions of its next step; its state is, at any time, and may be changed. */
  readonly leave: () => void;
  /** Once all members have gone through: their rows are where they were wanted. */
  readonly finish: () => void;
}

/** Gas made so far, what escaped among it, g/L. */
export const gasMade = ({ y }: FermentRun): number => y[CO2]! + y[ESCAPED]!;

/** Steps as they are written. */
export function plainStepper(): Stepper {
  let on = new FermentRun();
  let stretches: Float64Array = new Float64Array(0);
  let count = 0;
  let to: Recorder | null = null;
  return {
    lay: (plan, members, into) => {
      [stretches, count, to] = [plan.stretches, members, into];
    },
    take: (run) => {
      on = run;
    },
    go: (first, end, member) => {
      for (let at = first * SIZE; at < end * SIZE; at += SIZE) {
        for (let i = 0; i < stretches[at + STEPS]!; i++) stepOn(on, stretches[at + HOURS]!);
        const row = stretches[at + ROW]!;
        if (row < 0) continue;
        const since = stretches[at + SINCE]!;
        const made = gasMade(on);
        const place = to!.first + row * count + member;
        recordRow(on, to!.rows, place * ROW_SIZE, (made - on.made) / since);
        to!.celsius[place] = on.celsius;
        if (since < Infinity) on.made = made;
      }
    },
    leave: () => undefined,
    finish: () => undefined,
  };
}
