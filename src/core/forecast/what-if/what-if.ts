import { coolingHours } from '../question/lot-stages';
import { fridgeCelsius } from '../../kitchen/places';
import { resumeRun } from '../../ferment/run/ferment-run';
import type { LotStage } from '../../ferment/scenario/ferment';
import { followAll } from '../../ferment/run/simulate';
import { slots } from '../../ferment/state/state';
import { reportHours, spanAt, stageSpans } from '../../ferment/run/time-table';
import { hourIndexAt } from '../run/hour-index';
import { rowAt, rowOf, type StoredRun } from '../run/stored-run';

const { ROW_SIZE } = slots;

/** Integration steps may be longer in a what-if: cold stages hardly move. Hours. */
const whatIfStep = 2;

/**
 * Picks members so that each stands for the same weight (systematic resampling).
 *
 * @param count members wanted, 1 or more
 * @returns indices into the run's members, rising, repeated where weights are large
 */
export function representatives(run: StoredRun, count: number): number[] {
  const picked: number[] = [];
  let sum = 0;
  let next = 0.5 / count;
  for (let m = 0; m < run.members.length; m++) {
    sum += run.weights[m]!;
    while (next <= sum + 1e-12 && picked.length < count) {
      picked.push(m);
      next += 1 / count;
    }
  }
  return picked;
}

export interface WhatIf {
  /** Whole hours from the start of the run at which the new stages begin. */
  readonly fromHour: number;
  readonly stages: readonly LotStage[];
  /** Members to follow: 48 answer in a few milliseconds. */
  readonly members?: number;
  /** Hours between reports. */
  readonly stepHours?: number;
  /** Moments to report, hours from `fromHour`, instead of equal steps. */
  readonly reports?: readonly number[];
}

/**
 * Another future from a stored past: the run is taken up at an hour and led through other stages (chilled, bottled, warmer,
 * burped), without simulating the past again.
 *
 * @param run a stored run that reaches `fromHour`
 * @returns a run whose hour 0 is `fromHour`'s reported hour, members weighing the same
 */
export function whatIf(
  run: StoredRun,
  { fromHour, stages, members = 48, stepHours = 1, reports }: WhatIf,
): StoredRun {
  const index = hourIndexAt(run.hours, fromHour);
  const began = run.hours[index]!;
  const { stage: before } = spanAt(stageSpans(run.ferment.stages), began);
  const total = stages.reduce((sum, stage) => sum + stage.hours, 0);
  const hours = reports ?? reportHours(total, stepHours);
  const picked = representatives(run, members);
  const rows = new Float32Array(picked.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(picked.length * hours.length);
  const resumed = picked.map((m) =>
    resumeRun(run.ferment, run.members[m]!, before, began, run.rows, rowAt(run, m, index)),
  );
  const pace = { limit: whatIfStep, long: run.ferment.longSteps };
  followAll(resumed, stages, hours, { rows, celsius, first: 0 }, pace, run.stepper);
  return {
    stepper: run.stepper,
    ferment: { ...run.ferment, stages: [...stages], stepHours },
    hours,
    members: picked.map((m) => run.members[m]!),
    rows,
    celsius,
    weights: new Float64Array(picked.length).fill(1 / picked.length),
  };
}

/** A change to a ferment under way, from an hour on. What is left out stays as it is. */
export interface Change {
  readonly celsius?: number;
  /** Hours between burps, null for none. */
  readonly ventEveryHours?: number | null;
}

/**
 * The same ferment with something changed from an hour on: another temperature, burped now and then. The past is copied,
 * the future of representative members follows; hours stay those of the run, so that everything asked of a run can be asked
 * of this one.
 *
 * @param members members followed
 */
export function diverged(run: StoredRun, fromHour: number, change: Change, members = 48): StoredRun {
  const index = hourIndexAt(run.hours, fromHour);
  const began = run.hours[index]!;
  const spans = stageSpans(run.ferment.stages);
  const before = spans
    .filter(({ from }) => from < began)
    .map(({ stage, from, to }) => ({ ...stage, hours: Math.min(to, began) - from }));
  const after = spans
    .filter(({ to }) => to > began + 1e-9)
    .map(({ stage, from, to }) => ({
      ...withoutPriming(stage, from < began),
      hours: to - Math.max(from, began),
      ...change,
    }));
  const reports = run.hours.slice(index).map((hour) => hour - began);
  const future = whatIf(run, {
    fromHour: began,
    stages: after,
    members,
    stepHours: run.ferment.stepHours,
    reports,
  });
  const count = run.hours.length;
  const picked = representatives(run, members);
  const rows = new Float32Array(picked.length * count * ROW_SIZE);
  const celsius = new Float32Array(picked.length * count);
  const copy = (from: StoredRun, member: number, hour: number, to: number, toHour: number) => {
    const row = toHour * picked.length + to;
    const at = rowAt(from, member, hour);
    rows.set(from.rows.subarray(at, at + ROW_SIZE), row * ROW_SIZE);
    celsius[row] = from.celsius[rowOf(from, member, hour)]!;
  };
  picked.forEach((m, i) => {
    for (let hour = 0; hour <= index; hour++) copy(run, m, hour, i, hour);
    const last = Math.min(count - index, future.hours.length);
    for (let hour = 1; hour < last; hour++) copy(future, i, hour, i, index + hour);
  });
  return {
    ...future,
    ferment: { ...run.ferment, stages: [...before, ...after] },
    hours: run.hours,
    rows,
    celsius,
  };
}

const withoutPriming = (stage: LotStage, begunBefore: boolean): LotStage => {
  const { addSugars: _stirredIn, inflows: _cameIn, ...rest } = stage;
  return begunBefore ? rest : stage;
};

/** The stages of chilling a sealed bottle: three hours on the way, then cold until it is poured. */
export function chillStages(warm: LotStage, hoursCold: number): LotStage[] {
  const { addSugars: _stirredIn, inflows: _cameIn, ...sealed } = warm;
  const still: LotStage = { ...sealed, ventEveryHours: null };
  return [
    { ...still, hours: coolingHours, celsius: (warm.celsius + fridgeCelsius) / 2 },
    { ...still, hours: hoursCold, celsius: fridgeCelsius },
  ];
}
