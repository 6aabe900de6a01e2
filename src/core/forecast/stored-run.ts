import { follow, longestStep } from '../ferment/simulate';
import { beginRun } from '../ferment/ferment-run';
import type { Member } from '../ferment/member';
import type { Ferment } from '../ferment/ferment';
import { slots } from '../ferment/state';
import { familyHours, reportHours } from '../ferment/time-table';

const { ROW_SIZE } = slots;

/**
 * An ensemble as it was run: plain data and typed arrays, so that it passes to and from a worker by transfer and any
 * what-if starts from the past it holds.
 */
export interface StoredRun {
  readonly ferment: Ferment;
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
 * Runs every member through the ferment, all weighing the same.
 *
 * @param alsoAt further hours to report, such as those of draws
 * @returns rows at every `stepHours`; cost linear in members and hours
 */
export function runMembers(
  ferment: Ferment,
  members: readonly Member[],
  alsoAt: readonly number[] = [],
): StoredRun {
  const total = ferment.stages.reduce((sum, stage) => sum + stage.hours, 0);
  const hours = (ferment.longSteps ? familyHours : reportHours)(total, ferment.stepHours, alsoAt);
  const rows = new Float32Array(members.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(members.length * hours.length);
  members.forEach((member, index) => {
    const run = beginRun(ferment, member);
    follow(
      run,
      ferment.stages,
      hours,
      { rows, celsius, offset: 0, row: index * hours.length },
      longestStep,
      ferment.longSteps,
    );
  });
  const weights = new Float64Array(members.length).fill(1 / members.length);
  return { ferment, hours, members, rows, celsius, weights };
}
