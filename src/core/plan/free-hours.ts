import type { Busy } from '../kitchen/busy';
import { isAwake, lastAwake, nextAwake, type WakingHours } from '../kitchen/waking';
import { hourMs } from '../duration';

/** When somebody has hands: awake, and not busy. */
export interface FreeHours {
  readonly waking: WakingHours;
  /** In order of their beginnings, none within another. */
  readonly busy: readonly Busy[];
}

/** Spans in order, those that meet made one. @example joined([{ from: 5, until: 9 }, { from: 1, until: 6 }]) // [{ from: 1, until: 9 }] */
export function joined(spans: readonly Busy[]): Busy[] {
  const out: Busy[] = [];
  for (const { from, until } of [...spans].sort((a, b) => a.from - b.from)) {
    if (!(until > from)) continue;
    const last = out.at(-1);
    if (last && from <= last.until)
      out[out.length - 1] = { from: last.from, until: Math.max(last.until, until) };
    else out.push({ from, until });
  }
  return out;
}

const busyAt = (at: number, busy: readonly Busy[]): Busy | undefined =>
  busy.find(({ from, until }) => at >= from && at < until);

/** Whether somebody has hands at an instant, ms. */
export const isFree = (at: number, { waking, busy }: FreeHours): boolean =>
  isAwake(at, waking) && !busyAt(at, busy);

/** Whether somebody has hands from an instant for so long, ms. */
export const isFreeFor = (at: number, length: number, { waking, busy }: FreeHours): boolean =>
  isAwake(at, waking) &&
  lastAwake(at + length, waking) >= at + length &&
  !busy.some(({ from, until }) => from < at + length && until > at);

/** The last free moment not after an instant, ms; -Infinity when there is none within a year. */
export function lastFree(at: number, free: FreeHours): number {
  let then = at;
  for (const end = at - 366 * 24 * hourMs; then > end;) {
    const awake = lastAwake(then, free.waking);
    const busy = free.busy.find(({ from, until }) => awake >= from && awake < until);
    if (!busy) return awake;
    then = busy.from - 1;
  }
  return -Infinity;
}

/** The first free moment not before an instant, ms; Infinity when there is none within a year. */
export function nextFree(at: number, free: FreeHours): number {
  let then = at;
  for (const end = at + 366 * 24 * hourMs; then < end;) {
    const awake = nextAwake(then, free.waking);
    const busy = busyAt(awake, free.busy);
    if (!busy) return awake;
    then = busy.until;
  }
  return Infinity;
}
