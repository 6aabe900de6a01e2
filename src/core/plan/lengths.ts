import { hoursAfterChilling } from '../forecast/advice/bottle-advice';
import { valuesAt, valuesOverTime, placesOf } from '../forecast/read-off/quantiles';
import type { StoredRun } from '../forecast/run/stored-run';
import { spanAt, stageSpans } from '../ferment/run/time-table';
import { whatIf } from '../forecast/what-if/what-if';
import { lookErrors } from './look-errors';

/**
 * How long each plausible kitchen takes from the pitch to the fridge, hours. Infinity is never, within what was followed.
 *
 * Who tastes and squeezes does so with an error of their own, a fixed one for each kitchen: what is called sweet enough and firm
 * lies around what is meant.
 */
export interface Lengths {
  /** After the pitch: when it tastes as it should for bottling, and until when it is still good to. */
  readonly bottleFrom: Float64Array;
  readonly bottleUntil: Float64Array;
  /** Hours after the pitch at which a bottling was followed, rising. */
  readonly bottledAt: readonly number[];
  /** After bottling: when it feels firm, and until when its fizz is not too much. By bottling and kitchen. */
  readonly chillFrom: readonly Float64Array[];
  readonly chillUntil: readonly Float64Array[];
  /** After bottling: when there is fizz enough. */
  readonly fizzFrom: readonly Float64Array[];
}

export interface LengthsAsk {
  /** Sweetness meant at bottling, g/L as sucrose, above 0. */
  readonly wantedSweetness: number;
  /** Fizz meant in the glass, volumes, 0.5–5. */
  readonly wantedVolumes: number;
}

/** Bottled from a little sweeter than meant on; at six tenths of it too little is left. */
const bottling = { from: 1.05, until: 0.6 };
/** Nobody bottles before it has worked so many hours: life must be seen first. */
const leastHours = 12;
/** Chilled from nearly the wanted fizz on; within a quarter of it is good. */
const fizz = { aim: 0.95, least: 0.75, most: 1.25 };
/** Errors of a taste and of a squeeze, shares of what is meant. Practice. */
const error = { taste: 0.06, squeeze: 0.12 };
/** Hours between bottlings that are followed, how many at most, and for how long each. */
const between = 12;
const mostFollowed = 14;
const bottledHours = 12 * 24;
const stepHours = 4;

/** First hour at which each member's value passes its level, in proportion between reports. */
function passes(
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

/**
 * The lengths of a first ferment and of its bottles, over all members of a run that nobody read: they weigh the same.
 *
 * @param run the jar alone, from the pitch on; some hundred milliseconds: for a worker
 */
export function lengthsOf(run: StoredRun, { wantedSweetness, wantedVolumes }: LengthsAsk): Lengths {
  const taste = lookErrors(run.members.length, 2);
  const squeeze = lookErrors(run.members.length, 3);
  const sweet = valuesOverTime(run, 'sweetnessGramsPerLitre');
  const meant = (share: number) => (m: number) => wantedSweetness * (share + error.taste * taste[m]!);
  const bottleFrom = passes(run.hours, sweet, meant(bottling.from), false).map((hour) =>
    Math.max(leastHours, hour),
  );
  const bottleUntil = passes(run.hours, sweet, () => wantedSweetness * bottling.until, false);
  const bottledAt = followedFrom(bottleFrom, run.hours.at(-1)!);
  const courses = bottledAt.map((hour) => bottled(run, hour));
  const after = hoursAfterChilling(run.celsius[0]!);
  const crossing = (level: (m: number) => number) =>
    courses.map(({ hours, held }) =>
      passes(hours, held, level, true).map((hour) => Math.max(0, hour - after)),
    );
  return {
    bottleFrom,
    bottleUntil,
    bottledAt,
    chillFrom: crossing((m) => wantedVolumes * (fizz.aim + error.squeeze * squeeze[m]!)),
    fizzFrom: crossing(() => wantedVolumes * fizz.least),
    chillUntil: crossing(() => wantedVolumes * fizz.most),
  };
}

/** Bottlings worth following: from the first kitchen that is ready to well after the last, twelve hours apart. */
function followedFrom(bottleFrom: Float64Array, end: number): number[] {
  const ready = [...bottleFrom].filter(Number.isFinite).sort((a, b) => a - b);
  if (ready.length === 0) return [];
  const first = Math.floor(ready[0]! / between) * between;
  const last = Math.min(end, ready.at(-1)! + 2 * between);
  const count = Math.min(mostFollowed, Math.max(2, Math.ceil((last - first) / between) + 1));
  const step = Math.max(1, Math.round((last - first) / (count - 1)));
  return Array.from({ length: count }, (_, i) => Math.min(end, first + i * step)).filter(
    (hour, i, all) => i === 0 || hour > all[i - 1]!,
  );
}

/** The same liquid closed in bottles at an hour, left warm: fizz held, by hour and member. */
function bottled(run: StoredRun, hour: number) {
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
  const after = whatIf(run, { fromHour: hour, stages: [sealed], members: run.members.length, stepHours });
  const places = placesOf(after);
  return {
    hours: after.hours,
    held: after.hours.map((_, i) => valuesAt(after, 'heldVolumes', i, places[i]!)),
  };
}

/** The same where everything takes so much of its time. @param share above 0: 0.8 is a fifth faster */
export function scaledLengths(lengths: Lengths, share: number): Lengths {
  const times = (values: Float64Array) => values.map((hour) => hour * share);
  return {
    bottleFrom: times(lengths.bottleFrom),
    bottleUntil: times(lengths.bottleUntil),
    bottledAt: lengths.bottledAt.map((hour) => hour * share),
    chillFrom: lengths.chillFrom.map(times),
    chillUntil: lengths.chillUntil.map(times),
    fizzFrom: lengths.fizzFrom.map(times),
  };
}
