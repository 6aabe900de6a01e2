import { hourIndexAt } from '../run/hour-index';
import { weightedQuantiles } from '../read-off/weighted-quantiles';
import { closesFalling } from './ripeness';
import type { StarterQuestion } from '../question/starter-question';
import type { StoredRun } from '../run/stored-run';
import type { Window } from '../advice/windows';

/** A value of every member. */
export const each = (run: StoredRun, value: (member: number) => number): Float64Array =>
  Float64Array.from(run.members, (_, member) => value(member));

/** First hour from `fromHour` on at which each member passes a level; Infinity when it does not. */
export function passing(
  run: StoredRun,
  values: readonly Float64Array[],
  level: number,
  up: boolean,
  from: Float64Array | number,
): Float64Array {
  return each(run, (m) => {
    const start = typeof from === 'number' ? from : from[m]!;
    for (let i = 0; i < run.hours.length; i++) {
      if (run.hours[i]! < start - 1e-9) continue;
      const value = values[i]![m]!;
      if (up ? value >= level : value < level) return Math.max(start, interpolated(run, values, i, m, level));
    }
    return Infinity;
  });
}

function interpolated(
  run: StoredRun,
  values: readonly Float64Array[],
  i: number,
  m: number,
  level: number,
): number {
  if (i === 0) return run.hours[0]!;
  const [a, b] = [values[i - 1]![m]!, values[i]![m]!];
  const share = a === b ? 1 : (level - a) / (b - a);
  return run.hours[i - 1]! + Math.min(1, Math.max(0, share)) * (run.hours[i]! - run.hours[i - 1]!);
}

/** How far kitchens lie apart in an hour they pass something: the middle half of them, hours, at least 0.5; 24 where it is not passed. */
export const spreadOf = (run: Pick<StoredRun, 'weights'>, hours: Float64Array): number => {
  const [low, high] = weightedQuantiles(hours, run.weights, [0.25, 0.75]) as [number, number];
  return Number.isFinite(high) && Number.isFinite(low) ? Math.max(0.5, high - low) : 24;
};

/** When a jar is worth drawing from: the window, and its edges for every member (Infinity where there is none). */
export interface DrawEdges {
  readonly window: Window | null;
  readonly opens: Float64Array;
  readonly closes: Float64Array;
}

/**
 * When a jar is worth drawing from, by what its kind is judged by.
 *
 * @param rested hour before which it rests after a draw
 */
export function drawEdges(
  run: StoredRun,
  measure: readonly Float64Array[],
  { nowHour, fedHour, ripe }: StarterQuestion,
  rested: number,
): DrawEdges {
  const falls = closesFalling(ripe);
  const since = falls ? lastTired(run, measure, ripe.closes, nowHour) : fedHour;
  const opens = passing(run, measure, ripe.opens, true, Math.max(0, rested, since));
  const closes = passing(run, measure, ripe.closes, !falls, opens);
  const end = run.hours.at(-1)!;
  const earliest = weightedQuantiles(opens, run.weights, [0.5])[0]!;
  if (!Number.isFinite(earliest)) return { window: null, opens, closes };
  // Kitchens in which it never opens say nothing of when it closes.
  const opened = run.weights.map((weight, m) => (Number.isFinite(opens[m]!) ? weight : 0));
  const closing = weightedQuantiles(closes, opened, [0.5])[0]!;
  const latest = Math.min(end, Math.max(closing, earliest + 2));
  const window = {
    earliest,
    latest,
    best: falls ? peakBetween(run, measure, earliest, latest) : earliest + (latest - earliest) / 3,
    earliestSpread: spreadOf(run, opens),
    latestSpread: spreadOf({ weights: opened }, closes),
  };
  return { window, opens, closes };
}

/** The last hour up to now at which the middle member was tired: the window on view is the one after it. */
function lastTired(run: StoredRun, live: readonly Float64Array[], tired: number, nowHour: number): number {
  for (let i = hourIndexAt(run.hours, nowHour); i >= 0; i--) {
    if (weightedQuantiles(live[i]!, run.weights, [0.5])[0]! < tired) return run.hours[i]!;
  }
  return 0;
}

function peakBetween(run: StoredRun, live: readonly Float64Array[], from: number, to: number): number {
  let best = from;
  let most = -1;
  for (const [i, hour] of run.hours.entries()) {
    if (hour < from || hour > to) continue;
    const value = weightedQuantiles(live[i]!, run.weights, [0.5])[0]!;
    if (value > most) [best, most] = [hour, value];
  }
  return best;
}
