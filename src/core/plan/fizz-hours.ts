import { hoursAfterChilling } from '../forecast/advice/bottle-advice';
import { valuesAt, placesOf, valuesOverTime } from '../forecast/read-off/quantiles';
import { hourIndexAt } from '../forecast/run/hour-index';
import type { StoredRun } from '../forecast/run/stored-run';
import { spanAt, stageSpans } from '../ferment/run/time-table';
import { whatIf } from '../forecast/what-if/what-if';
import { lookErrors } from './look-errors';

/** By bottling and kitchen, hours after bottling: when there is fizz enough, as it is wanted, and too much. */
export interface FizzHours {
  readonly enough: readonly Float64Array[];
  readonly wanted: readonly Float64Array[];
  readonly over: readonly Float64Array[];
}

/** What is known of the fizz of bottlings. */
export interface FizzLengths {
  /** As it is, and as it is taken to be by who looks with a tool. */
  readonly fizz: FizzHours;
  readonly felt: Readonly<Record<LookTool, FizzHours>>;
  /** Hours that the middling kitchen takes from fizz enough to what is wanted, and on to too much, by bottling. */
  readonly usual: readonly UsualHours[];
}

interface UsualHours {
  readonly toWanted: number;
  readonly toOver: number;
}

/** How it is meant to be in the glass. */
export interface FizzMeant {
  /** Alcohol that it must not pass until it is poured, % by volume; null for none. */
  readonly ceilingPercent: number | null;
  /** Fizz meant, volumes, 0.5–5. */
  readonly wantedVolumes: number;
}

/** What pressure is told by: a gauge, a soft bottle squeezed, or nothing but the forecast. */
export type LookTool = 'gauge' | 'squeeze' | 'none';

/** Chilled from nearly the wanted fizz on; within a quarter of it is good. */
const fizz = { aim: 0.95, least: 0.75, most: 1.25 };
/** Error of fizz as each look tells it, of its logarithm (docs/planning.md). */
const fizzError: Readonly<Record<LookTool, number>> = { gauge: 0.08, squeeze: 0.22, none: 0.6 };
/** A bottling is followed for so long, hours. */
const bottledHours = 12 * 24;
const stepHours = 4;

/** First hour at which each member's value passes its level, in proportion between reports. */
export function passes(
  hours: readonly number[],
  values: readonly Float64Array[],
  level: (member: number) => number,
  rises: boolean,
): Float64Array {
  const count = values[0]?.length ?? 0;
  const out = new Float64Array(count).fill(Infinity);
  for (let m = 0; m < count; m++) {
    const wanted = level(m);
    for (let i = 0; i < hours.length; i++) {
      const value = values[i]![m]!;
      if (rises ? value < wanted : value > wanted) continue;
      const before = values[i - 1]?.[m];
      const share = before === undefined ? 0 : (wanted - before) / (value - before || 1);
      out[m] = before === undefined ? hours[i]! : hours[i - 1]! + share * (hours[i]! - hours[i - 1]!);
      break;
    }
  }
  return out;
}

/** Fizz held and alcohol after a bottling, by hour and member. */
interface Course {
  readonly hours: readonly number[];
  readonly held: readonly Float64Array[];
  readonly alcohol: readonly Float64Array[];
}

/** When bottles have fizz enough, as it is wanted and too much, as it is and as it feels, by bottling. */
export function fizzAfter(
  courses: readonly Course[],
  run: StoredRun,
  { wantedVolumes, ceilingPercent }: FizzMeant,
): FizzLengths {
  const misjudged = lookErrors(run.members.length, 3);
  const felt = (look: LookTool) => hoursOf((m) => Math.exp(fizzError[look] * misjudged[m]!));
  const after = hoursAfterChilling(run.celsius[0]!);
  const crossing = (level: (m: number) => number) =>
    courses.map(({ hours, held }) =>
      passes(hours, held, level, true).map((hour) => Math.max(0, hour - after)),
    );
  const strong = courses.map(({ hours, alcohol }) =>
    ceilingPercent === null
      ? null
      : passes(hours, alcohol, () => ceilingPercent, true).map((hour) => Math.max(0, hour - after)),
  );
  const hoursOf = (times: (m: number) => number): FizzHours => {
    const enough = crossing((m) => wantedVolumes * fizz.least * times(m));
    const notStronger = (row: Float64Array, i: number) =>
      row.map((hour, m) => Math.min(hour, strong[i]?.[m] ?? Infinity));
    return {
      enough,
      // What would be too strong by then is chilled before, once it has fizz enough.
      wanted: crossing((m) => wantedVolumes * fizz.aim * times(m)).map((row, i) =>
        notStronger(row, i).map((hour, m) => Math.max(hour, enough[i]![m]!)),
      ),
      over: crossing((m) => wantedVolumes * fizz.most * times(m)).map(notStronger),
    };
  };
  const fizzHours = hoursOf(() => 1);
  return {
    fizz: fizzHours,
    usual: courses.map((_, i) => usualHours(fizzHours, i)),
    felt: { gauge: felt('gauge'), squeeze: felt('squeeze'), none: felt('none') },
  };
}

/** How long it takes in the middle of all kitchens, of one bottling. */
export function usualHours({ enough, wanted, over }: FizzHours, bottling: number): UsualHours {
  const middle = (from: Float64Array, to: Float64Array) => {
    const sorted = to
      .map((hour, m) => hour - from[m]!)
      .filter(Number.isFinite)
      .sort();
    return sorted[Math.floor(sorted.length / 2)] ?? Infinity;
  };
  return {
    toWanted: middle(enough[bottling]!, wanted[bottling]!),
    toOver: middle(wanted[bottling]!, over[bottling]!),
  };
}

/** The same liquid closed in bottles at an hour of the run, left warm: hour 0 is that hour's. */
export function bottledRun(run: StoredRun, hour: number): StoredRun {
  const { stage } = spanAt(stageSpans(run.ferment.stages), hour);
  const liquidMl = run.ferment.liquidLitres * 1000;
  const sealed = {
    ...stage,
    vessel: 'sealed' as const,
    headspaceMl: liquidMl * 0.04,
    liquidMl,
    hours: bottledHours,
    ventEveryHours: null,
  };
  return whatIf(run, { fromHour: hour, stages: [sealed], members: run.members.length, stepHours });
}

/** What bottling at an hour of the run comes to. */
export function bottled(run: StoredRun, hour: number): Course {
  const after = bottledRun(run, hour);
  const places = placesOf(after);
  return {
    hours: after.hours,
    held: after.hours.map((_, i) => valuesAt(after, 'heldVolumes', i, places[i]!)),
    alcohol: after.hours.map((_, i) => valuesAt(after, 'abvPercent', i, places[i]!)),
  };
}

/**
 * What a closed bottle comes to when it is left warm.
 *
 * @param sealedHour hour of the run at which it was closed
 * @param fromHour hour of the run before which nothing is asked
 */
export function closedCourse(run: StoredRun, sealedHour: number, fromHour: number): Course {
  const first = hourIndexAt(run.hours, Math.max(sealedHour, fromHour));
  return {
    hours: run.hours.slice(first).map((hour) => Math.max(0, hour - sealedHour)),
    held: valuesOverTime(run, 'heldVolumes').slice(first),
    alcohol: valuesOverTime(run, 'abvPercent').slice(first),
  };
}
