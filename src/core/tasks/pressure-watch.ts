import { betweenHours } from '../forecast/run/hour-index';
import type { LotAnswer } from '../forecast/answer/family-answer';
import type { ChillWindow } from '../forecast/advice/windows';
import type { WatchShare } from '../forecast/read-off/pressure-course';
import { quantileLevels, type FiveNumbers } from '../forecast/read-off/weighted-quantiles';
import { hourMs } from '../duration';

/**
 * How a closed bottle stands to its working limit. At ease; watched, since it nears the limit within a day; to be chilled now,
 * since it may be there; not to be handled, since it likely is past it or its glass may give way.
 */
export type WatchStage = 'at-ease' | 'watch' | 'chill-now' | 'do-not-handle';

export interface Passing {
  readonly share: WatchShare;
  /** When it passes that share: one in twenty, half, nineteen in twenty have by then, ms; Infinity for never. */
  readonly early: number;
  readonly middle: number;
  readonly late: number;
  /** Chance that it has within a day from now. */
  readonly withinDay: number;
}

export interface Watch {
  readonly stage: WatchStage;
  /** Gauge now: middle and 95 % edge as shares of the working limit. */
  readonly share: number;
  readonly edge: number;
  /** What closed its chill window; null while that is open. */
  readonly closedBy: ChillWindow['closes'] | null;
  readonly passes: readonly Passing[];
  /** Chance that a bottle of the batch has burst by now, and within a day, 0–1. */
  readonly failureNow: number;
  readonly failureWithinDay: number;
}

/** A batch is not handled once so many like it may have lost a bottle: one in twenty-five. */
const failureToStandBack = 0.04;
/** Nor once its middle is so many times its working limit: a swing-top is then past all that makers use it at. */
const farPastLimit = 1.75;
const aheadHours = 24;

/** Reads an answer's pressure at an instant. @returns null for what is not sealed */
export function watchOf(answer: LotAnswer, now: number): Watch | null {
  const { pressure, limitBar, start, series, hours, chill } = answer;
  if (!pressure || limitBar === null || limitBar <= 0) return null;
  const hour = (now - start) / hourMs;
  const gauge = (quantile: number) => valueAt(hours, series.gauge, quantile, hour) / limitBar;
  const [share, edge] = [gauge(2), gauge(4)];
  const passes = pressure.passes.map(({ share: of, hours: at }) => ({
    share: of,
    early: start + at[0] * hourMs,
    middle: start + at[2] * hourMs,
    late: start + at[4] * hourMs,
    withinDay: passedBy(at, hour + aheadHours),
  }));
  const failureNow = failureAt(answer, hour);
  // A window is for who does not look: where a look decides, it is not closed before it.
  const closedBy = chill !== null && chill.latest <= hour && !answer.advice?.rule ? chill.closes : null;
  const stage = answer.burstBeside
    ? 'do-not-handle'
    : stageOf({
        share,
        edge,
        passes,
        failureNow,
        closed: closedBy !== null,
        // Where it is known what its glass bears, that decides; its working limit is what is said beside it.
        fenced: !answer.advice,
        hour,
        start,
      });
  return {
    stage,
    share,
    edge,
    closedBy,
    passes,
    failureNow,
    failureWithinDay: failureAt(answer, hour + aheadHours),
  };
}

function stageOf(at: {
  readonly share: number;
  readonly edge: number;
  readonly passes: readonly Passing[];
  readonly failureNow: number;
  readonly closed: boolean;
  readonly fenced: boolean;
  readonly hour: number;
  readonly start: number;
}): WatchStage {
  if (at.share >= (at.fenced ? 1 : farPastLimit) || at.failureNow >= failureToStandBack)
    return 'do-not-handle';
  if ((at.fenced && (at.edge >= 1 || at.share >= 0.9)) || at.closed) return 'chill-now';
  const soon = at.start + (at.hour + aheadHours) * hourMs;
  const [seventy, ninety] = at.passes;
  return (seventy && seventy.middle <= soon) || (ninety && ninety.early <= soon) ? 'watch' : 'at-ease';
}

function valueAt(
  hours: readonly number[],
  series: readonly FiveNumbers[],
  quantile: number,
  hour: number,
): number {
  const { index, share } = betweenHours(hours, hour);
  const before = series[index]?.[quantile] ?? 0;
  return before + share * ((series[index + 1]?.[quantile] ?? before) - before);
}

/** Chance that something with these passage quantiles has happened by an hour: between them in proportion; 0.95 is the most it says. */
export function passedBy(at: FiveNumbers, hour: number): number {
  if (hour < at[0]) return 0;
  for (let i = 1; i < at.length; i++) {
    if (hour >= at[i]!) continue;
    const [from, to] = [at[i - 1]!, at[i]!];
    const along = Number.isFinite(to) && to > from ? (hour - from) / (to - from) : 0;
    return quantileLevels[i - 1]! + along * (quantileLevels[i]! - quantileLevels[i - 1]!);
  }
  return 0.95;
}

/** What is past a forecast's end counts as it was there. */
function failureAt({ pressure, hours }: LotAnswer, hour: number): number {
  const course = pressure?.failure ?? [];
  if (course.length === 0) return 0;
  const { index, share } = betweenHours(hours, hour);
  const before = course[index] ?? course.at(-1)!;
  return before + share * ((course[index + 1] ?? before) - before);
}
