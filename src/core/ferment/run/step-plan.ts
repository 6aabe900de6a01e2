import type { LotStage } from '../scenario/ferment';
import { stretch } from './stretch';
import { stageSpans } from './time-table';

/** How long a step may be: at most `limit` hours, or longer where nothing is fast. */
export interface Pace {
  readonly limit: number;
  readonly long: boolean;
}

/** Report hours that a long step passed over: from `first` up to `end`, which was reached. */
export interface Gap {
  readonly first: number;
  readonly end: number;
}

/** A stage as it is stepped through: its stretches, and before which of them it is burped. */
export interface Leg {
  readonly stage: LotStage;
  readonly from: number;
  readonly to: number;
  readonly burpsBefore: readonly number[];
  /** Hours from the first stage's start at which it ends. */
  readonly ends: number;
}

export interface StepPlan {
  readonly legs: readonly Leg[];
  /** Of each `stretch.SIZE` numbers, one after the other. */
  readonly stretches: Float64Array;
  /** Rows that are reported of a member, and those of them that steps passed over. */
  readonly reports: number;
  readonly gaps: readonly Gap[];
}

/** Longest a stretch goes on before it is looked at afresh whether steps may grow, hours. */
const dayHours = 24;

/**
 * Which steps lead through stages, and which of them reach a report hour: worked out once for all members.
 *
 * Stretches end where a stage does, where it is vented, and at report hours; where steps are long they pass over report hours,
 * but for the first after a transfer, whose change at once lies on no straight line.
 *
 * @param reports hours to report, rising, from the first stage's start
 * @param begun hour of the ferment's life at which the first stage starts
 */
export function planSteps(
  stages: readonly LotStage[],
  reports: readonly number[],
  pace: Pace,
  begun: number,
): StepPlan {
  const legs: Leg[] = [];
  const gaps: Gap[] = [];
  const stretches: number[] = [];
  const count = () => stretches.length / stretch.SIZE;
  let next = 0;
  let since = 0;
  let fedAt = 0;
  /** Takes down a stretch that ends `at`, and the report hours it reaches. */
  const reach = (steps: number, hours: number, at: number) => {
    const reached = next < reports.length && reports[next]! <= at + 1e-9;
    if (!reached) return steps > 0 && stretches.push(steps, hours, -1, 0);
    const row = lastWithin(reports, next, at);
    if (row > next) gaps.push({ first: next, end: row });
    // A row at the very beginning tells of no gas made.
    stretches.push(steps, hours, row, at > since ? at - since : Infinity);
    since = at;
    next = row + 1;
  };
  for (const { stage, from, to } of stageSpans(stages)) {
    if (stage.addSugars || stage.inflows) fedAt = from;
    const first = count();
    const burpsBefore: number[] = [];
    reach(0, 0, from);
    let vent = stage.ventEveryHours === null ? Infinity : from + stage.ventEveryHours;
    for (let at = from; at < to - 1e-9;) {
      const limit = pace.long ? unhurried(begun + at, stage, pace.limit, at - fedAt) : pace.limit;
      const passed = at > from ? lastWithin(reports, next, at + limit) : next;
      const until = Math.min(to, vent, reports[passed] ?? Infinity, pace.long ? at + dayHours : Infinity);
      const steps = Math.max(1, Math.ceil((until - at) / limit - 1e-9));
      const hours = (until - at) / steps;
      at = until;
      if (at < vent - 1e-9) reach(steps, hours, at);
      else {
        stretches.push(steps, hours, -1, 0);
        burpsBefore.push(count());
        vent += stage.ventEveryHours ?? Infinity;
        reach(0, 0, at);
      }
    }
    legs.push({ stage, from: first, to: count(), burpsBefore, ends: to });
  }
  return { legs, stretches: Float64Array.from(stretches), reports: reports.length, gaps };
}

/** Index of the last report hour up to `reach`, but `next` at the least. */
function lastWithin(hours: readonly number[], next: number, reach: number): number {
  let last = next;
  while (last + 1 < hours.length && hours[last + 1]! <= reach + 1e-9) last += 1;
  return last;
}

/**
 * Longest step where nothing is fast, hours: in the cold, days after the last sugar came, and after weeks, when only the
 * dregs are left. A bottle's gas stays within 0.5 % of its greatest, an open jar's alcohol within 0.5 % (run.test.ts).
 *
 * @param hour of the ferment's life
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
