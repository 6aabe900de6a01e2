import { beginRun, burpRun, enterStage, recordRow, stepRun } from './ferment-run';
import type { FermentRun } from './run-state';
import { nominalMember, type Member } from './member';
import { fermentOf, type LotStage } from './ferment';
import type { Scenario } from './scenario';
import { slots } from './state';
import { reportHours, stageSpans } from './time-table';

const { CO2, ESCAPED, ROW_SIZE } = slots;

/** Longest integration step, hours. */
export const longestStep = 1;

/** One ferment through its stages: a row of ROW_SIZE numbers (see state.ts) for every hour reported. */
export interface Trajectory {
  readonly hours: readonly number[];
  readonly rows: Float64Array;
  /** True temperature of the liquid at each hour, °C. */
  readonly celsius: Float64Array;
}

/** Where a run writes its rows: the first one, and how many rows lie between one report hour and the next. */
export interface Recorder {
  readonly rows: Float64Array | Float32Array;
  readonly celsius: Float64Array | Float32Array;
  readonly first: number;
  readonly stride: number;
}

/**
 * Simulates one jar or bottle through its stages.
 *
 * Fourth-order Runge–Kutta at 1 h at the longest, with acidity and temperature held over a step: event times are within
 * 0.5 % of a run at 1/64 h, carbon balances to 1e-9.
 *
 * @param scenario validated; a fixed vessel and temperature for each stage
 * @param member how this kitchen departs from the nominal one
 * @param stepLimit longest integration step, hours, above 0
 * @returns rows at every `stepHours` from 0 and at the end; at a boundary, the row before the transfer
 * @source relations in rates.ts, vessel-gas.ts, acid-balance.ts
 */
export function simulate(
  scenario: Scenario,
  member: Member = nominalMember,
  stepLimit = longestStep,
): Trajectory {
  const total = scenario.stages.reduce((sum, stage) => sum + stage.hours, 0);
  const hours = reportHours(total, scenario.stepHours);
  const rows = new Float64Array(hours.length * ROW_SIZE);
  const celsius = new Float64Array(hours.length);
  const run = beginRun(fermentOf(scenario), member);
  follow(run, scenario.stages, hours, { rows, celsius, first: 0, stride: 1 }, stepLimit);
  return { hours, rows, celsius };
}

/** Runs through `stages`, writing a row whenever a report hour (relative to the first stage) is reached. */
export function follow(
  run: FermentRun,
  stages: readonly LotStage[],
  hours: readonly number[],
  into: Recorder,
  stepLimit: number,
  longSteps = false,
): void {
  const started = run.hour;
  let next = 0;
  let made = gasMade(run);
  let since = 0;
  for (const { stage, from, to } of stageSpans(stages)) {
    enterStage(run, stage);
    let at = from;
    let vent = stage.ventEveryHours === null ? Infinity : from + stage.ventEveryHours;
    for (;;) {
      while (next < hours.length && hours[next]! <= at + 1e-9) {
        const gas = gasMade(run);
        record(run, into, next, at > since ? (gas - made) / (at - since) : 0);
        if (at > since) made = gas;
        since = at;
        next += 1;
      }
      if (at >= to - 1e-9) break;
      const until = Math.min(to, vent, next < hours.length ? hours[next]! : Infinity);
      at = advance(run, stage, at, until, longSteps ? unhurried(run, stage, stepLimit) : stepLimit);
      if (at >= vent - 1e-9) {
        burpRun(run, stage);
        vent += stage.ventEveryHours ?? Infinity;
      }
      run.hour = started + at;
    }
  }
}

const gasMade = (run: FermentRun) => run.y[CO2]! + run.y[ESCAPED]!;

function record(run: FermentRun, into: Recorder, index: number, gasRate: number): void {
  const row = into.first + index * into.stride;
  recordRow(run, into.rows, row * ROW_SIZE, gasRate);
  into.celsius[row] = run.celsius;
}

/** In the cold nothing is fast, and after weeks only the dregs are left: four-hour steps stay within 0.5 % there. */
const unhurried = (run: FermentRun, stage: LotStage, stepLimit: number): number =>
  stage.celsius <= coldBelow
    ? Math.max(stepLimit, 4)
    : run.hour > oldAfterHours
      ? Math.max(stepLimit, 3)
      : stepLimit;
const coldBelow = 8;
const oldAfterHours = 24 * 28;

function advance(run: FermentRun, stage: LotStage, at: number, until: number, stepLimit: number): number {
  const steps = Math.max(1, Math.ceil((until - at) / stepLimit - 1e-9));
  const step = (until - at) / steps;
  for (let i = 0; i < steps; i++) stepRun(run, stage, step);
  return until;
}
