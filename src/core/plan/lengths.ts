import { hoursAfterChilling } from '../forecast/advice/bottle-advice';
import { valuesAt, valuesOverTime, placesOf } from '../forecast/read-off/quantiles';
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

/**
 * How long each plausible kitchen takes from the pitch to the fridge, hours. Infinity is never, within what was followed.
 *
 * Who tastes and looks does so with an error of their own, a fixed one for each kitchen: what is called sweet enough and firm lies
 * around what is meant.
 */
export interface Lengths {
  /** After the pitch: when it tastes as it should for bottling, and until when it is still good to. */
  readonly bottleFrom: Float64Array;
  readonly bottleUntil: Float64Array;
  /** From when it can be bottled though it is sweeter than meant. */
  readonly bottleSoonest: Float64Array;
  /** Filled into bottles as soon as it is pitched. */
  readonly straight: boolean;
  /** Hours that it steeps in the cold before it is bottled: it hardly ferments meanwhile. */
  readonly pauseHours: number;
  /** Hours after the pitch at which a bottling was followed, rising; without the pause. */
  readonly bottledAt: readonly number[];
  /** As it is, and as it is taken to be by who looks with a tool. */
  readonly fizz: FizzHours;
  readonly felt: Readonly<Record<LookTool, FizzHours>>;
  /** Hours that the middling kitchen takes from fizz enough to what is wanted, and on to too much, by bottling. */
  readonly usual: readonly { readonly toWanted: number; readonly toOver: number }[];
}

/** What pressure is told by: a gauge, a soft bottle squeezed, or nothing but the forecast. */
export type LookTool = 'gauge' | 'squeeze' | 'none';

export interface LengthsAsk {
  /** Alcohol that it must not pass until it is poured, % by volume; null for none. */
  readonly ceilingPercent: number | null;
  /** Hours that it steeps in the cold before it is bottled. */
  readonly pauseHours: number;
  /** Filled into bottles as soon as it is pitched: no first ferment. */
  readonly straight: boolean;
  /** Sweetness meant at bottling, g/L as sucrose, above 0. */
  readonly wantedSweetness: number;
  /** Fizz meant in the glass, volumes, 0.5–5. */
  readonly wantedVolumes: number;
}

/** Bottled from a little sweeter than meant on, by a third sweeter where somebody holds the hour; at six tenths too little is left. */
const bottling = { soonest: 4 / 3, from: 1.05, until: 0.6 };
/** Nobody bottles before it has worked so many hours: life must be seen first. */
const leastHours = 12;
/** Chilled from nearly the wanted fizz on; within a quarter of it is good. */
const fizz = { aim: 0.95, least: 0.75, most: 1.25 };
/** Error of a taste, a share of what is meant; and of fizz as each look tells it, of its logarithm (docs/planning.md). */
const tasteError = 0.12;
const fizzError: Readonly<Record<LookTool, number>> = { gauge: 0.08, squeeze: 0.22, none: 0.6 };
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
export function lengthsOf(run: StoredRun, ask: LengthsAsk): Lengths {
  const { wantedSweetness, wantedVolumes, straight, ceilingPercent } = ask;
  const taste = lookErrors(run.members.length, 2);
  const misjudged = lookErrors(run.members.length, 3);
  const felt = (look: LookTool) => hoursOf((m) => Math.exp(fizzError[look] * misjudged[m]!));
  const sweet = valuesOverTime(run, 'sweetnessGramsPerLitre');
  const meant = (share: number) => (m: number) => wantedSweetness * (share + tasteError * taste[m]!);
  const bottleFrom = passes(run.hours, sweet, meant(bottling.from), false).map((hour) =>
    straight ? 0 : Math.max(leastHours, hour),
  );
  const bottleUntil = passes(run.hours, sweet, () => wantedSweetness * bottling.until, false);
  const bottleSoonest = passes(run.hours, sweet, () => wantedSweetness * bottling.soonest, false);
  const bottledAt = followedFrom(bottleFrom, run.hours.at(-1)!);
  const courses = bottledAt.map((hour) => bottled(run, hour));
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
    straight,
    pauseHours: ask.pauseHours,
    bottleFrom,
    bottleUntil,
    bottleSoonest: straight ? bottleFrom : bottleSoonest,
    bottledAt,
    fizz: fizzHours,
    usual: bottledAt.map((_, i) => usualHours(fizzHours, i)),
    felt: { gauge: felt('gauge'), squeeze: felt('squeeze'), none: felt('none') },
  };
}

/** How long it takes in the middle of all kitchens, of one bottling. */
export function usualHours({ enough, wanted, over }: FizzHours, bottling: number): Lengths['usual'][number] {
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

/** The same liquid closed in bottles at an hour, left warm: fizz held and alcohol, by hour and member. */
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
    alcohol: after.hours.map((_, i) => valuesAt(after, 'abvPercent', i, places[i]!)),
  };
}

/** The same where everything takes so much of its time. @param share above 0: 0.8 is a fifth faster */
export function scaledLengths(lengths: Lengths, share: number): Lengths {
  const times = (values: Float64Array) => values.map((hour) => hour * share);
  const all = ({ enough, wanted, over }: FizzHours): FizzHours => ({
    enough: enough.map(times),
    wanted: wanted.map(times),
    over: over.map(times),
  });
  return {
    straight: lengths.straight,
    pauseHours: lengths.pauseHours,
    bottleFrom: times(lengths.bottleFrom),
    bottleUntil: times(lengths.bottleUntil),
    bottleSoonest: times(lengths.bottleSoonest),
    bottledAt: lengths.bottledAt.map((hour) => hour * share),
    fizz: all(lengths.fizz),
    felt: {
      gauge: all(lengths.felt.gauge),
      squeeze: all(lengths.felt.squeeze),
      none: all(lengths.felt.none),
    },
    usual: lengths.usual.map(({ toWanted, toOver }) => ({
      toWanted: toWanted * share,
      toOver: toOver * share,
    })),
  };
}
