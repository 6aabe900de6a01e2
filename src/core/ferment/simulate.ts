import { beginRun, burpRun, enterStage } from './ferment-run';
import type { FermentRun } from './run-state';
import { nominalMember, type Member } from './member';
import { fermentOf, type LotStage } from './ferment';
import type { Scenario } from './scenario';
import { slots } from './state';
import { benchNow, type Bench } from './compiled/bench';
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

/** Where members write their rows: those of an hour follow each other, from row `first` on. */
export interface Recorder {
  readonly rows: Float64Array | Float32Array;
  readonly celsius: Float64Array | Float32Array;
  readonly first: number;
}

/** How long a step may be: at most `limit` hours, or longer where nothing is fast. */
export interface Pace {
  readonly limit: number;
  readonly long: boolean;
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
  followAll([run], scenario.stages, hours, { rows, celsius, first: 0 }, { limit: stepLimit, long: false });
  return { hours, rows, celsius };
}

/**
 * Runs members through `stages`, each writing a row at every report hour (relative to the first stage). Long steps pass over
 * report hours; those rows lie on straight lines between their neighbours.
 *
 * @param runs as they stand before the first stage; each is used up
 * @returns the report hours passed over
 */
export function followAll(
  runs: readonly FermentRun[],
  stages: readonly LotStage[],
  hours: readonly number[],
  into: Recorder,
  pace: Pace,
): readonly Gap[] {
  let gaps: readonly Gap[] = [];
  const bench = benchNow();
  runs.forEach((run, member) => (gaps = follow(run, bench, stages, hours, into, member, runs.length, pace)));
  for (const gap of gaps) fillIn(into, hours, gap, runs.length);
  return gaps;
}

/** Report hours that a long step passed over: from `first` up to `end`, which was reached. The same for every member. */
export interface Gap {
  readonly first: number;
  readonly end: number;
}

function follow(
  run: FermentRun,
  bench: Bench,
  stages: readonly LotStage[],
  hours: readonly number[],
  into: Recorder,
  member: number,
  members: number,
  pace: Pace,
): readonly Gap[] {
  const started = run.hour;
  const gaps: Gap[] = [];
  let next = 0;
  let made = gasMade(run);
  let since = 0;
  let fedAt = 0;
  for (const { stage, from, to } of stageSpans(stages)) {
    enterStage(run, stage);
    bench.take(run);
    let at = from;
    let vent = stage.ventEveryHours === null ? Infinity : from + stage.ventEveryHours;
    if (stage.addSugars || stage.inflows) fedAt = from;
    for (;;) {
      if (next < hours.length && hours[next]! <= at + 1e-9) {
        const end = lastWithin(hours, next, at);
        if (end > next) gaps.push({ first: next, end });
        const gas = gasMade(run);
        record(bench, into, end * members + member, at > since ? (gas - made) / (at - since) : 0);
        if (at > since) made = gas;
        since = at;
        next = end + 1;
      }
      if (at >= to - 1e-9) break;
      const limit = pace.long ? unhurried(started + at, stage, pace.limit, at - fedAt) : pace.limit;
      // What a transfer changes at once lies on no straight line: the first row after it is reached.
      const passed = at > from ? lastWithin(hours, next, at + limit) : next;
      const report = next < hours.length ? hours[passed]! : Infinity;
      // Where steps may grow, they are looked at afresh at least once a day.
      const until = Math.min(to, vent, report, pace.long ? at + 24 : Infinity);
      at = advance(bench, at, until, limit);
      if (at >= vent - 1e-9) {
        bench.leave();
        burpRun(run, stage);
        vent += stage.ventEveryHours ?? Infinity;
      }
    }
    bench.leave();
    run.hour = started + at;
  }
  return gaps;
}

/** Index of the last report hour up to `reach`, but `next` at the least. */
function lastWithin(hours: readonly number[], next: number, reach: number): number {
  let last = next;
  while (last + 1 < hours.length && hours[last + 1]! <= reach + 1e-9) last += 1;
  return last;
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

const gasMade = (run: FermentRun) => run.y[CO2]! + run.y[ESCAPED]!;

function record(bench: Bench, into: Recorder, row: number, gasRate: number): void {
  bench.record(into.rows, (into.first + row) * ROW_SIZE, gasRate);
  into.celsius[into.first + row] = bench.celsius();
}

/**
 * Longest step where nothing is fast, hours: in the cold, days after the last sugar came, and after weeks, when only the
 * dregs are left. A bottle's gas stays within 0.5 % of its greatest, an open jar's alcohol within 0.5 % (run.test.ts).
 *
 * @param sinceFed hours since sugar or another liquid came in
 */
function unhurried(hour: number, stage: LotStage, stepLimit: number, sinceFed: number): number {
  const kind = stage.vessel === 'sealed' ? 'sealed' : 'unsealed';
  const calm = calmFrom[kind].find(({ hours }) => sinceFed >= hours)?.step ?? stepLimit;
  return Math.max(
    stepLimit,
    stage.celsius <= coldBelow ? 4 : hour > oldAfterHours ? Math.max(calm, 3) : calm,
  );
}
const coldBelow = 8;
const oldAfterHours = 24 * 28;
const calmFrom = {
  sealed: [
    { hours: 168, step: 4 },
    { hours: 72, step: 2 },
  ],
  unsealed: [{ hours: 96, step: 2 }],
} as const;

function advance(bench: Bench, at: number, until: number, stepLimit: number): number {
  const steps = Math.max(1, Math.ceil((until - at) / stepLimit - 1e-9));
  bench.go(steps, (until - at) / steps);
  return until;
}
