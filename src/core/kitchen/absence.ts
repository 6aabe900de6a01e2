import type { WakingHours } from './waking';
import { isWeekend } from 'date-fns/isWeekend';
import { minuteOfDay, onClock } from '../calendar';
import { dayMs } from '../duration';

/** From–to in minutes of the day. */
export type DaySpan = readonly [from: number, to: number];

/** Hours of working days, and of the others, at which nobody is ever at the counter; null where nothing is known of them. */
export interface UsualAbsence {
  readonly weekdays: DaySpan | null;
  readonly weekends: DaySpan | null;
  /** What it said of itself, by weekday from Sunday as 0: goes before what was learned. */
  readonly said?: { readonly days: readonly number[]; readonly span: DaySpan };
}

export const neverAbsent: UsualAbsence = { weekdays: null, weekends: null };

const binMinutes = 30;
/** Days of a kind on which something was done, before silence is taken for absence. */
const enoughDays = 8;
/** Things that would have been done in the silence, were they spread evenly: fewer, and it may be chance. */
const expectedAtLeast = 8;
/** So few of them may break the silence of half an hour. */
const rareShare = 0.06;
/** Shorter silences are no absence, minutes. */
const shortest = 3 * 60;
/** How far back it is looked at. */
const lookedBack = 60 * dayMs;

/**
 * When a household is usually out, learned from when it did things: the longest part of its waking hours in which hardly
 * anything was ever done on a kind of day.
 *
 * @param acts instants of what was done, ms, any order
 * @param until what lies sixty days or less before it counts, ms
 * @returns spans on half hours; null for a kind of day of which fewer than eight are known
 * @example // acts at 7:30 and from 17:30 on, on twenty working days: weekdays [480, 1050]
 */
export function usualAbsence(acts: readonly number[], waking: WakingHours, until: number): UsualAbsence {
  const days = { weekdays: new Set<string>(), weekends: new Set<string>() };
  const seen = { weekdays: new Set<string>(), weekends: new Set<string>() };
  for (const at of acts) {
    if (at > until || at < until - lookedBack) continue;
    const kind = isWeekend(at) ? 'weekends' : 'weekdays';
    const day = new Date(at).toDateString();
    days[kind].add(day);
    seen[kind].add(`${Math.floor(minuteOfDay(at) / binMinutes)} ${day}`);
  }
  const of = (kind: keyof typeof days): DaySpan | null => {
    if (days[kind].size < enoughDays) return null;
    const counts = new Map<number, number>();
    for (const each of seen[kind]) {
      const bin = Number(each.split(' ')[0]);
      counts.set(bin, (counts.get(bin) ?? 0) + 1);
    }
    const span = longestSilence((bin) => (counts.get(bin) ?? 0) <= rareShare * days[kind].size, waking);
    const awake = (waking.to - waking.from + 24 * 60) % (24 * 60);
    return span && (seen[kind].size * (span[1] - span[0])) / awake >= expectedAtLeast ? span : null;
  };
  return { weekdays: of('weekdays'), weekends: of('weekends') };
}

function longestSilence(isSilent: (bin: number) => boolean, { from, to }: WakingHours): DaySpan | null {
  // Who is up past midnight is followed until midnight.
  const last = Math.floor((from < to ? to : 24 * 60) / binMinutes);
  let best: DaySpan | null = null;
  let begun: number | null = null;
  for (let bin = Math.ceil(from / binMinutes); bin <= last; bin++) {
    if (bin < last && isSilent(bin)) {
      begun ??= bin;
      continue;
    }
    const span: DaySpan = [(begun ?? bin) * binMinutes, bin * binMinutes];
    // The evening before bed is not absence: what is due then may still be asked for.
    if (bin < last && span[1] - span[0] >= Math.max(shortest, best ? best[1] - best[0] : 0)) best = span;
    begun = null;
  }
  return best;
}

/** The absence an instant lies in, from–to in ms; null at home. */
export function absentAt(at: number, absence: UsualAbsence): DaySpan | null {
  const { said } = absence;
  const span = said?.days.includes(new Date(at).getDay())
    ? said.span
    : absence[isWeekend(at) ? 'weekends' : 'weekdays'];
  if (!span) return null;
  const [from, to] = [onClock(at, span[0]), onClock(at, span[1])];
  return at > from && at < to ? [from, to] : null;
}
