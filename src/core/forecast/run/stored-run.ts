import type { Gap } from '../../ferment/run/step-plan';
import type { Member } from '../../ferment/state/member';
import type { Stepper } from '../../ferment/run/stepper';
import type { Ferment } from '../../ferment/scenario/ferment';
import { slots } from '../../ferment/state/state';

const { ROW_SIZE } = slots;

/** An ensemble as it was run: any what-if starts from the past it holds, and makes its steps where they were made. */
export interface StoredRun {
  readonly stepper: Stepper;
  readonly ferment: Ferment;
  readonly hours: readonly number[];
  readonly members: readonly Member[];
  /**
   * ROW_SIZE numbers a row (see core/ferment/state/state.ts); rows of an hour follow each other, a member each, since nearly
   * everything is asked of all members at one hour.
   */
  readonly rows: Float32Array;
  /** Liquid temperature, °C, one a row. */
  readonly celsius: Float32Array;
  /** Weights of the members, summing to 1. */
  readonly weights: Float64Array;
  /** Whether readings narrowed it down. */
  readonly read?: boolean;
  /** Reported hours that long steps passed over: what is read off them lies on lines between their ends, too. */
  readonly gaps?: readonly Gap[];
}

/** Which row is a member's at an hour. */
export const rowOf = (run: Pick<StoredRun, 'members'>, member: number, hourIndex: number): number =>
  hourIndex * run.members.length + member;

/** Index of the first number of a member's row. */
export const rowAt = (run: Pick<StoredRun, 'members'>, member: number, hourIndex: number): number =>
  rowOf(run, member, hourIndex) * ROW_SIZE;

/** Families whose runs are held at most, whatever they take. */
export const familiesHeld = 2;

/** Bytes of rows held at most: a run of a bottle takes some fourteen million, and a batch has a few unlike ones. */
export const mostBytes = 96e6;

/** Bytes that a run's rows take. */
export const bytesOf = ({ rows, celsius }: Pick<StoredRun, 'rows' | 'celsius'>): number =>
  rows.byteLength + celsius.byteLength;
