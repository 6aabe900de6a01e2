import { followAll, longestStep, type Gap, type Pace } from '../ferment/simulate';
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
  /**
   * ROW_SIZE numbers a row (see core/ferment/state.ts); rows of an hour follow each other, a member each, since nearly
   * everything is asked of all members at one hour.
   */
  readonly rows: Float32Array;
  /** Liquid temperature, °C, one a row. */
  readonly celsius: Float32Array;
  /** Weights of the members, summing to 1. */
  readonly weights: Float64Array;
  /** Reported hours that long steps passed over: what is read off them lies on lines between their ends, too. */
  readonly gaps?: readonly Gap[];
}

/** Which row is a member's at an hour. */
export const rowOf = (run: Pick<StoredRun, 'members'>, member: number, hourIndex: number): number =>
  hourIndex * run.members.length + member;

/** Index of the first number of a member's row. */
export const rowAt = (run: Pick<StoredRun, 'members'>, member: number, hourIndex: number): number =>
  rowOf(run, member, hourIndex) * ROW_SIZE;

/** How long the steps of a ferment's integration may be. */
export const paceOf = ({ longSteps }: Ferment): Pace => ({ limit: longestStep, long: longSteps });

/**
 * Runs every member through the ferment, all weighing the same.
 *
 * @param hours moments to report, rising, from 0 to the end of the stages
 * @returns a row a member at each; cost linear in members and hours
 */
export function runMembers(
  ferment: Ferment,
  members: readonly Member[],
  hours: readonly number[] = hoursOf(ferment),
): StoredRun {
  const rows = new Float32Array(members.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(members.length * hours.length);
  const runs = members.map((member) => beginRun(ferment, member));
  const gaps = followAll(runs, ferment.stages, hours, { rows, celsius, first: 0 }, paceOf(ferment));
  const weights = new Float64Array(members.length).fill(1 / members.length);
  return { ferment, hours, members, rows, celsius, weights, gaps };
}

/** The hours a ferment is reported at: every `stepHours`, and others asked for, such as those of draws. */
export function hoursOf(ferment: Ferment, alsoAt: readonly number[] = []): number[] {
  const total = ferment.stages.reduce((sum, stage) => sum + stage.hours, 0);
  return (ferment.longSteps ? familyHours : reportHours)(total, ferment.stepHours, alsoAt);
}
