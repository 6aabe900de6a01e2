import type { Busy } from '../kitchen/busy';
import { nextAwake, type WakingHours } from '../kitchen/waking';
import { nextOnClock } from '../calendar';
import { dayMs, minuteMs } from '../duration';

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

/** A span with both its ends in it, ms. */
interface Span {
  readonly from: number;
  readonly until: number;
}

/** The free spans that begin in a part of time, or run into it, in order; the last may run on beyond it. */
function layOut(from: number, until: number, { waking, busy }: FreeHours): Span[] {
  const out: Span[] = [];
  for (let up = nextAwake(from, waking); up < until;) {
    const bed = nextOnClock(up, waking.to);
    let at = up;
    for (const each of busy) {
      if (each.until <= at || each.from > bed) continue;
      if (each.from > at) out.push({ from: at, until: each.from - 1 });
      at = each.until;
    }
    if (at <= bed) out.push({ from: at, until: bed });
    up = nextAwake(bed + minuteMs, waking);
  }
  return out;
}

/** Free spans by day of world time: a plan asks for the same days some hundred thousand times, and clocks are slow to read. */
const laidOut = new WeakMap<FreeHours, Map<number, readonly Span[]>>();

function spansOf(day: number, free: FreeHours): readonly Span[] {
  const days = laidOut.get(free) ?? new Map<number, readonly Span[]>();
  laidOut.set(free, days);
  const spans = days.get(day) ?? layOut(day * dayMs, (day + 1) * dayMs, free);
  days.set(day, spans);
  return spans;
}

const dayOf = (at: number): number => Math.floor(at / dayMs);

/** Whether somebody has hands from an instant for so long, ms. */
export const isFreeFor = (at: number, length: number, free: FreeHours): boolean =>
  spansOf(dayOf(at), free).some(({ from, until }) => from <= at && until >= at + Math.max(0, length - 1));

/** Whether somebody has hands at an instant, ms. */
export const isFree = (at: number, free: FreeHours): boolean => Number.isFinite(at) && isFreeFor(at, 0, free);

/** The last free moment not after an instant, ms; -Infinity when there is none within a year, never stays never. */
export function lastFree(at: number, free: FreeHours): number {
  if (!Number.isFinite(at)) return at;
  for (let day = dayOf(at); day >= dayOf(at) - 366; day--) {
    const span = spansOf(day, free)
      .filter(({ from }) => from <= at)
      .at(-1);
    if (span) return Math.min(at, span.until);
  }
  return -Infinity;
}

/** The first free moment not before an instant, ms; Infinity when there is none within a year, or it is never. */
export function nextFree(at: number, free: FreeHours): number {
  if (!Number.isFinite(at)) return at;
  for (let day = dayOf(at); day <= dayOf(at) + 366; day++) {
    const span = spansOf(day, free).find(({ until }) => until >= at);
    if (span) return Math.max(at, span.from);
  }
  return Infinity;
}
