import { middleAt } from '../forecast/read-off/weighted-quantiles';
import { nextAwake, isAwake, lastAwake, type WakingHours } from '../kitchen/waking';
import { wakingOf } from '../settings/waking-hours';
import type { Lot } from '../lots/lot';
import { everyTask } from './agenda';
import { awakeTasks } from './rounds';
import { type Task, type TaskAsk } from './task';
import { hourMs } from '../duration';

/** One living lot on the kitchen's clock: its next window, if there is one. */
export interface ClockRow {
  readonly lot: Lot;
  readonly task: Task | null;
}

/** Every living lot with the window that closes first, in the order of closing; those without one after them. */
export function clockRows(ask: TaskAsk): ClockRow[] {
  const next = new Map<string, Task>();
  for (const task of awakeTasks(everyTask(ask), wakingOf(ask.household), ask.now))
    for (const { id } of task.lots) {
      const before = next.get(id);
      if (!before || task.until < before.until) next.set(id, task);
    }
  return ask.living
    .map((lot) => ({ lot, task: next.get(lot.id) ?? null }))
    .sort(
      (a, b) =>
        (a.task?.until ?? Infinity) - (b.task?.until ?? Infinity) || (a.lot.id < b.lot.id ? -1 : 1) || 0,
    );
}

/** What a lot is thought to be like at an instant: middles, null where the forecast does not say. */
export interface LikeThen {
  readonly sweetness: number | null;
  readonly volumes: number | null;
  /** Gauge as a share of the working limit. */
  readonly limitShare: number | null;
}

/** Reads the answers of a lot at an instant. */
export function likeThen(lotAnswer: TaskAsk['lotAnswer'], lotId: string, at: number): LikeThen {
  const answer = lotAnswer(lotId);
  const hour = answer ? (at - answer.start) / hourMs : 0;
  const of = (series: 'sweet' | 'fizz' | 'gauge') =>
    answer ? middleAt(answer.hours, answer.series[series], hour) : null;
  const gauge = answer?.limitBar ? of('gauge') : null;
  return {
    sweetness: of('sweet'),
    volumes: answer?.limitBar ? of('fizz') : null,
    limitShare: gauge === null ? null : gauge / answer!.limitBar!,
  };
}

/** Spans between two instants when nobody is up, ms. @returns in order, clipped to the span */
export function nightsOf(from: number, to: number, waking: WakingHours): (readonly [number, number])[] {
  const out: (readonly [number, number])[] = [];
  let at = from;
  for (let i = 0; i < 100 && at < to; i++) {
    if (isAwake(at, waking)) {
      at = fallAsleep(at, waking);
      continue;
    }
    const wake = Math.min(to, nextAwake(at, waking));
    out.push([at, wake]);
    at = Math.max(wake, at + 60_000);
  }
  return out;
}

/** The first moment after one awake at which nobody is up. */
function fallAsleep(at: number, waking: WakingHours): number {
  const minute = 60_000;
  let step = at;
  // Half-hours up to the first asleep one, then back to the last moment awake before it.
  while (isAwake(step, waking)) step += 30 * minute;
  return lastAwake(step, waking) + minute;
}
