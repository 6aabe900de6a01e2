import { valuesOverTime } from '../forecast/read-off/quantiles';
import type { StoredRun } from '../forecast/run/stored-run';
import {
  bottled,
  closedCourse,
  fizzAfter,
  passes,
  type FizzHours,
  type FizzLengths,
  type FizzMeant,
} from './fizz-hours';
import { lookErrors } from './look-errors';

/**
 * How long each plausible kitchen takes from the pitch to the fridge, hours. Infinity is never, within what was followed.
 *
 * Who tastes and looks does so with an error of their own, a fixed one for each kitchen: what is called sweet enough and firm lies
 * around what is meant.
 */
export interface Lengths extends FizzLengths {
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
}

export interface LengthsAsk extends FizzMeant {
  /** Hours that it steeps in the cold before it is bottled. */
  readonly pauseHours: number;
  /** Filled into bottles as soon as it is pitched: no first ferment. */
  readonly straight: boolean;
  /** Sweetness meant at bottling, g/L as sucrose, above 0. */
  readonly wantedSweetness: number;
  /** Hour of the run before which nothing is done: of a ferment under way. The pitch when left out. */
  readonly fromHour?: number;
}

/** Bottled from a little sweeter than meant on, by a third sweeter where somebody holds the hour; at six tenths too little is left. */
const bottling = { soonest: 4 / 3, from: 1.05, until: 0.6 };
/** Nobody bottles before it has worked so many hours: life must be seen first. */
const leastHours = 12;
/** Error of a taste, a share of what is meant (docs/planning.md). */
const tasteError = 0.12;
/** Hours between bottlings that are followed, and how many at most. */
const between = 12;
const mostFollowed = 14;

/**
 * The lengths of a first ferment and of its bottles, over all members of a run that nobody read: they weigh the same.
 *
 * @param run the jar alone, from the pitch on; some hundred milliseconds: for a worker
 */
export function lengthsOf(run: StoredRun, ask: LengthsAsk): Lengths {
  const { wantedSweetness, straight } = ask;
  const taste = lookErrors(run.members.length, 2);
  const sweet = valuesOverTime(run, 'sweetnessGramsPerLitre');
  const meant = (share: number) => (m: number) => wantedSweetness * (share + tasteError * taste[m]!);
  const bottleFrom = passes(run.hours, sweet, meant(bottling.from), false).map((hour) =>
    straight ? 0 : Math.max(leastHours, ask.fromHour ?? 0, hour),
  );
  const bottleUntil = passes(run.hours, sweet, () => wantedSweetness * bottling.until, false);
  const bottleSoonest = passes(run.hours, sweet, () => wantedSweetness * bottling.soonest, false);
  const bottledAt = followedFrom(bottleFrom, run.hours.at(-1)!);
  return {
    straight,
    pauseHours: ask.pauseHours,
    bottleFrom,
    bottleUntil,
    bottleSoonest: straight ? bottleFrom : bottleSoonest,
    bottledAt,
    ...fizzAfter(
      bottledAt.map((hour) => bottled(run, hour)),
      run,
      ask,
    ),
  };
}

/**
 * The lengths of what is in a bottle already: only the way to the fridge is left, from an hour of the run on.
 *
 * @param run the sealed bottle, left warm to its end, members weighing the same
 * @param sealedHour hour of the run at which it was closed
 */
export function bottleLengths(
  run: StoredRun,
  sealedHour: number,
  ask: FizzMeant & { readonly fromHour: number },
): Lengths {
  const at = (hour: number) => new Float64Array(run.members.length).fill(hour);
  return {
    straight: true,
    pauseHours: 0,
    bottleFrom: at(sealedHour),
    bottleUntil: at(Infinity),
    bottleSoonest: at(0),
    bottledAt: [sealedHour],
    ...fizzAfter([closedCourse(run, sealedHour, ask.fromHour)], run, ask),
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
