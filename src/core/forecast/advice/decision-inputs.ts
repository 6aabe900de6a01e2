import type { LookTable } from '../../advice/decision';
import { minuteOfDay, onClock } from '../../calendar';
import { absentAt, neverAbsent, type UsualAbsence } from '../../kitchen/absence';
import { isAwake, lastAwake, nextAwake, type WakingHours } from '../../kitchen/waking';
import { betweenHours } from '../run/hour-index';
import { errorOf, wordChance } from '../ensemble/observe';
import { ordinalScales } from '../ensemble/ordinal-scales';
import { valuesOverTime } from '../read-off/quantiles';
import type { Quantity } from '../run/quantities';
import { normalBelow } from '../run/random';
import type { StoredRun } from '../run/stored-run';
import { hourMs, minuteMs } from '../../duration';

/** What a decision is made from: the kitchens of a run that are weighed, the hours that are tried, the chances of a look. */

/** Kitchens weighed at most: of more, every second or third. */
const mostKitchens = 240;

export interface WeighedKitchens {
  /** Their indices among the members of the run. */
  readonly members: Int32Array;
  readonly weights: Float64Array;
}

export function kitchensOf({ members, weights }: StoredRun): WeighedKitchens {
  const every = Math.ceil(members.length / mostKitchens);
  const tried = Int32Array.from({ length: Math.ceil(members.length / every) }, (_, i) => i * every);
  return { members: tried, weights: Float64Array.from(tried, (m) => weights[m]!) };
}

/** Two hours so close are one, ms. */
const soon = hourMs;

interface HoursAsk {
  /** First hour tried, and the last at most; hours from the run's start. */
  readonly nowHour: number;
  readonly end: number;
  /** Instant of hour 0, ms, and when somebody is up. */
  readonly start: number;
  readonly waking: WakingHours;
  /** When nobody is at the counter though awake; never when left out. */
  readonly absence?: UsualAbsence | undefined;
  /** Hours between two of them by day. */
  readonly every: number;
}

/**
 * The first hour, and every so many that somebody is up, bed time and getting up among them: on full hours of the kitchen's
 * clock, so that a moment stays where it is while time goes on.
 */
export function awakeHours({
  nowHour,
  end,
  start,
  waking,
  every,
  absence = neverAbsent,
}: HoursAsk): number[] {
  const hours = [nowHour];
  let at = start + nowHour * hourMs;
  for (;;) {
    const before = at;
    const later = nextOnClock(at, every);
    const bed = lastAwake(later, waking);
    if (isAwake(later, waking)) at = later;
    // What would fall into the night: its last waking moment, then the first of the next day.
    else at = bed - at >= soon ? bed : nextAwake(later, waking);
    // Nobody is there then: as they leave, or as they come home.
    const out = absentAt(at, absence);
    if (out) at = out[0] - before >= soon ? out[0] : out[1];
    const hour = (at - start) / hourMs;
    if (hour > end) return hours;
    hours.push(hour);
  }
}

/** The next multiple of so many hours on the kitchen's clock, at least an hour on. */
function nextOnClock(at: number, every: number): number {
  const then = at + hourMs;
  const minutes = minuteOfDay(then) + (then % minuteMs) / minuteMs;
  return onClock(then, Math.ceil(minutes / (every * 60)) * every * 60);
}

/** A quantity of every member at an hour, between reports in proportion. */
export function valuesAt(run: StoredRun, quantity: Quantity, hour: number): (member: number) => number {
  const over = valuesOverTime(run, quantity);
  const { index, share } = betweenHours(run.hours, hour);
  const [before, after] = [over[index]!, over[Math.min(index + 1, over.length - 1)]!];
  return (m) => before[m]! + share * (after[m]! - before[m]!);
}

/** Bars between which a gauge's reading tells one thing from another. */
const gaugeEdges = [1, 1.4, 1.8, 2.2, 2.6, 3, 3.5];
const gaugeNames = ['under 1', '1–1.4', '1.4–1.8', '1.8–2.2', '2.2–2.6', '2.6–3', '3–3.5', 'over 3.5'];

/** Looks that a rule may ask for: on a sealed bottle, and of what is tasted. */
export type RuleLook = 'gaugeBar' | 'squeeze' | 'hiss' | 'sweet';

interface LookAsk {
  readonly kind: RuleLook;
  readonly hours: readonly number[];
  readonly cost: number;
  /** First hour at which it tells something new. */
  readonly fromHour: number;
  /** Share of results that are taken for the one beside them, 0–1. */
  readonly misread: number;
}

/** How likely each result of a look is, at each hour and in each kitchen. */
export function lookTable(
  run: StoredRun,
  { members }: WeighedKitchens,
  { kind, hours, cost, fromHour, misread }: LookAsk,
): LookTable<string> {
  const words: readonly (string | number)[] = kind === 'gaugeBar' ? gaugeNames : ordinalScales[kind].words;
  const last = words.length - 1;
  return {
    cost,
    fromHour,
    results: words.map(String),
    chances: hours.map((hour) => {
      const value = valuesAt(run, kind === 'sweet' ? 'sweetnessGramsPerLitre' : 'gaugeBar', hour);
      const told = words.map((word, r) =>
        Float64Array.from(members, (m) =>
          kind === 'gaugeBar' ? inBars(value(m), r) : wordChance(kind, word, value(m)),
        ),
      );
      const beside = (r: number, m: number) => told[Math.min(last, Math.max(0, r))]![m]!;
      return told.map((chance, r) =>
        chance.map((each, m) => (1 - misread) * each + (misread / 2) * (beside(r - 1, m) + beside(r + 1, m))),
      );
    }),
  };
}

/** What a rule calls a gauge's reading, bar. @example gaugeName(1.2) // '1–1.4' */
export const gaugeName = (bar: number): string =>
  gaugeNames[gaugeEdges.filter((edge) => bar >= edge).length]!;

/** Chance that a gauge shows a reading between two edges. */
function inBars(bar: number, index: number): number {
  const error = errorOf('gaugeBar', bar);
  const below = (edge: number | undefined, none: number) =>
    edge === undefined ? none : normalBelow((edge - bar) / error);
  return below(gaugeEdges[index], 1) - below(gaugeEdges[index - 1], 0);
}
