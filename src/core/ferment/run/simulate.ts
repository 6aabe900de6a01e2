import { beginRun, burpRun, enterStage } from './ferment-run';
import type { FermentRun } from './run-state';
import { nominalMember, type Member } from '../state/member';
import { fermentOf, type LotStage } from '../scenario/ferment';
import type { Scenario } from '../scenario/scenario';
import { slots } from '../state/state';
import { gasMade, plainStepper, type Stepper, type Recorder } from './stepper';
import { planSteps, type Gap, type Leg, type Pace } from './step-plan';
import { reportHours } from './time-table';

const { ROW_SIZE } = slots;

/** Longest integration step, hours. */
export const longestStep = 1;

/** One ferment through its stages: a row of ROW_SIZE numbers (see state.ts) for every hour reported. */
export interface Trajectory {
  readonly hours: readonly number[];
  readonly rows: Float64Array;
  /** True temperature of the liquid at each hour, °C. */
  readonly celsius: Float64Array;
}

/**
 * Simulates one jar or bottle through its stages.
 *
 * Third-order Runge–Kutta (see eat.ts) at `stepLimit` at the longest, with acidity and temperature held over a step: event times are within
 * 0.5 % of a run at 1/64 h, carbon balances to 1e-9.
 *
 * @param scenario validated; a fixed vessel and temperature for each stage
 * @param member how this kitchen departs from the nominal one
 * @param stepLimit longest integration step, hours, above 0; the usual one when left out
 * @param stepper where steps are made; as they are written when left out
 * @returns rows at every `stepHours` from 0 and at the end; at a boundary, the row before the transfer
 * @source relations in rates.ts, vessel-gas.ts, acid-balance.ts
 */
export function simulate(
  scenario: Scenario,
  member: Member = nominalMember,
  stepLimit = longestStep,
  stepper = plainStepper(),
): Trajectory {
  const total = scenario.stages.reduce((sum, stage) => sum + stage.hours, 0);
  const hours = reportHours(total, scenario.stepHours);
  const rows = new Float64Array(hours.length * ROW_SIZE);
  const celsius = new Float64Array(hours.length);
  const run = beginRun(fermentOf(scenario), member);
  const pace = { limit: stepLimit, long: false };
  followAll([run], scenario.stages, hours, { rows, celsius, first: 0 }, pace, stepper);
  return { hours, rows, celsius };
}

/**
 * Runs members through `stages`, each writing a row at every report hour (relative to the first stage). Long steps pass over
 * report hours; those rows lie on straight lines between their neighbours.
 *
 * @param runs as they stand before the first stage, all at the same hour; each is used up
 * @returns the report hours passed over
 */
export function followAll(
  runs: readonly FermentRun[],
  stages: readonly LotStage[],
  hours: readonly number[],
  into: Recorder,
  pace: Pace,
  stepper: Stepper,
): readonly Gap[] {
  const plan = planSteps(stages, hours, pace, runs[0]?.hour ?? 0);
  stepper.lay(plan, runs.length, into);
  runs.forEach((run, member) => follow(run, stepper, plan.legs, member));
  stepper.finish();
  for (const gap of plan.gaps) fillIn(into, hours, gap, runs.length);
  return plan.gaps;
}

function follow(run: FermentRun, stepper: Stepper, legs: readonly Leg[], member: number): void {
  const started = run.hour;
  run.made = gasMade(run);
  for (const { stage, from, to, burpsBefore, ends } of legs) {
    enterStage(run, stage);
    stepper.take(run);
    let at = from;
    for (const burp of burpsBefore) {
      stepper.go(at, burp, member);
      stepper.leave();
      burpRun(run, stage);
      at = burp;
    }
    stepper.go(at, to, member);
    stepper.leave();
    run.hour = started + ends;
  }
}

/** Draws straight lines between the rows before and after a gap, all members of an hour at once. */
function fillIn(into: Recorder, hours: readonly number[], { first, end }: Gap, members: number): void {
  for (const [values, width] of [
    [into.rows, members * ROW_SIZE],
    [into.celsius, members],
  ] as const) {
    const begin = into.first * (width / members);
    const before = begin + (first - 1) * width;
    const after = begin + end * width;
    for (let index = first; index < end; index++) {
      const share = (hours[index]! - hours[first - 1]!) / (hours[end]! - hours[first - 1]!);
      const here = begin + index * width;
      for (let i = 0; i < width; i++)
        values[here + i] = values[before + i]! + share * (values[after + i]! - values[before + i]!);
    }
  }
}
