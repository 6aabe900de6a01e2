import { follow, longestStep } from '../ferment/simulate';
import { beginRun } from '../ferment/ferment-run';
import type { Member } from '../ferment/member';
import type { Scenario } from '../ferment/scenario';
import { slots } from '../ferment/state';
import { reportHours } from '../ferment/time-table';

const { ROW_SIZE } = slots;

/**
 * An ensemble as it was run: plain data and typed arrays, so that it passes to and from a worker by transfer and any
 * what-if starts from the past it holds.
 */
export interface StoredRun {
  readonly scenario: Scenario;
  readonly hours: readonly number[];
  readonly members: readonly Member[];
  /** ROW_SIZE numbers a row (see core/ferment/state.ts); rows of a member follow each other. */
  readonly rows: Float32Array;
  /** Liquid temperature, °C, one a row. */
  readonly celsius: Float32Array;
  /** Weights of the members, summing to 1. */
  readonly weights: Float64Array;
}

/** Index of the first number of a member's row. */
export const rowAt = (run: StoredRun, member: number, hourIndex: number): number =>
  (member * run.hours.length + hourIndex) * ROW_SIZE;

/**
 * Runs every member through the scenario, all weighing the same.
 *
 * @returns rows at every `stepHours`; cost linear in members and hours
 */
export function runMembers(scenario: Scenario, members: readonly Member[]): StoredRun {
  const total = scenario.stages.reduce((sum, stage) => sum + stage.hours, 0);
  const hours = reportHours(total, scenario.stepHours);
  const rows = new Float32Array(members.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(members.length * hours.length);
  members.forEach((member, index) => {
    const run = beginRun(scenario, member);
    follow(run, scenario.stages, hours, { rows, celsius, offset: 0, row: index * hours.length }, longestStep);
  });
  const weights = new Float64Array(members.length).fill(1 / members.length);
  return { scenario, hours, members, rows, celsius, weights };
}

/** Index of the last reported hour not after `hour` (0 at the least). */
export function hourIndexAt(hours: readonly number[], hour: number): number {
  let low = 0;
  let high = hours.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (hours[middle]! <= hour + 1e-9) low = middle;
    else high = middle - 1;
  }
  return low;
}
