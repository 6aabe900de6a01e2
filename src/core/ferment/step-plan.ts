import type { LotStage } from './ferment';
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

/** A stage as it is stepped through, the same for every member. */
export interface Leg {
  readonly stage: LotStage;
  /** Report row of its very beginning, −1 for none. */
  readonly opens: number;
  /** Hours from the first stage's start at which it ends. */
  readonly ends: number;
  /** Stretches of equal steps: how many, and of how many hours each. */
  readonly steps: Int32Array;
  readonly hours: Float64Array;
  /** Whether a stretch ends with a burp, the report row it reaches (−1 for none), and hours since the row before. */
  readonly burps: Uint8Array;
  readonly rows: Int32Array;
  readonly since: Float64Array;
}

export interface StepPlan {
  readonly legs: readonly Leg[];
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
  let next = 0;
  let since = 0;
  let fedAt = 0;
  /** Takes down that report hours up to `at` are reached. @returns the row to record, −1 for none, and hours since the last */
  const reach = (at: number): readonly [row: number, hours: number] => {
    if (next >= reports.length || reports[next]! > at + 1e-9) return [-1, 0];
    const end = lastWithin(reports, next, at);
    if (end > next) gaps.push({ first: next, end });
    const passed = Math.max(0, at - since);
    since = at;
    next = end + 1;
    return [end, passed];
  };
  for (const { stage, from, to } of stageSpans(stages)) {
    if (stage.addSugars || stage.inflows) fedAt = from;
    const [opens] = reach(from);
    const stretches: Stretch[] = [];
    let vent = stage.ventEveryHours === null ? Infinity : from + stage.ventEveryHours;
    for (let at = from; at < to - 1e-9;) {
      const limit = pace.long ? unhurried(begun + at, stage, pace.limit, at - fedAt) : pace.limit;
      const passed = at > from ? lastWithin(reports, next, at + limit) : next;
      const until = Math.min(to, vent, reports[passed] ?? Infinity, pace.long ? at + dayHours : Infinity);
      const steps = Math.max(1, Math.ceil((until - at) / limit - 1e-9));
      const burps = until >= vent - 1e-9;
      if (burps) vent += stage.ventEveryHours ?? Infinity;
      const hours = (until - at) / steps;
      at = until;
      const [row, passedHours] = reach(at);
      stretches.push({ steps, hours, burps, row, since: passedHours });
    }
    legs.push(legOf(stage, opens, to, stretches));
  }
  return { legs, gaps };
}

interface Stretch {
  readonly steps: number;
  readonly hours: number;
  readonly burps: boolean;
  readonly row: number;
  readonly since: number;
}

const legOf = (stage: LotStage, opens: number, ends: number, stretches: readonly Stretch[]): Leg => ({
  stage,
  opens,
  ends,
  steps: Int32Array.from(stretches, ({ steps }) => steps),
  hours: Float64Array.from(stretches, ({ hours }) => hours),
  burps: Uint8Array.from(stretches, ({ burps }) => Number(burps)),
  rows: Int32Array.from(stretches, ({ row }) => row),
  since: Float64Array.from(stretches, ({ since }) => since),
});

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
