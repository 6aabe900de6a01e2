import { dayMs, hourMs } from '../duration';

/** Where things stand. Each place has a temperature history of its own. */
export const placeIds = ['counter', 'cupboard', 'warm-shelf', 'cooler-box', 'fridge'] as const;
export type PlaceId = (typeof placeIds)[number];

/** The temperature of a place from an instant on. */
export interface WarmthStep {
  readonly at: number;
  readonly celsius: number;
  /** Half the difference of day and night, °C, and the local offset it was said at, minutes east of UTC. */
  readonly swing?: number | undefined;
  readonly offset?: number | undefined;
  /** Said by feel: such a word may be some degrees off. */
  readonly felt?: true | undefined;
}

/** How warm a place feels, and about how warm that is, °C: practice; people differ by two degrees and more. */
export const feltRooms = [
  { word: 'cold', celsius: 14 },
  { word: 'cool', celsius: 18 },
  { word: 'mild', celsius: 21 },
  { word: 'warm', celsius: 25 },
  { word: 'hot', celsius: 30 },
] as const;

/** Temperature histories, in order of time. A place never spoken of follows the counter. */
export type Warmths = Readonly<Partial<Record<PlaceId, readonly WarmthStep[]>>>;

/** Kitchen temperature before anybody said one, °C. */
const assumedCelsius = 21;

/** Fridge temperature the advice counts on until it is measured, °C. */
export const fridgeCelsius = 4;

/** How much warmer a place usually is than the counter, °C: practice. */
const againstCounter: Readonly<Record<Exclude<PlaceId, 'counter' | 'fridge'>, number>> = {
  cupboard: -1,
  'warm-shelf': 4,
  'cooler-box': -6,
};

/** The first word on a place's temperature counts this far back, ms: nobody reads a thermometer the minute a jar is begun. */
const countsBackMs = dayMs;

function stepAt(steps: readonly WarmthStep[], at: number): WarmthStep | undefined {
  let low = 0;
  let high = steps.length - 1;
  if (high < 0) return undefined;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (steps[middle]!.at <= at) low = middle;
    else high = middle - 1;
  }
  const step = steps[low]!;
  return step.at <= at + countsBackMs ? step : undefined;
}

/** Local hours between which it is day: warmest in the afternoon, coldest before dawn. */
const day = { from: 9, until: 21 } as const;
/** A swing as two levels a day that have its mean: 2/π of its height. */
const levelled = 2 / Math.PI;

const localHour = (at: number, offset: number): number => (((at / hourMs + offset / 60) % 24) + 24) % 24;

/** What a swing adds at an instant, °C. */
function swungBy({ swing = 0, offset = 0 }: WarmthStep, at: number): number {
  if (swing === 0) return 0;
  const hour = localHour(at, offset);
  return (hour >= day.from && hour < day.until ? 1 : -1) * levelled * swing;
}

/** Instants within a span at which a swing turns, in order. */
function swingTurns({ swing = 0, offset = 0 }: WarmthStep, from: number, to: number): number[] {
  if (swing === 0) return [];
  const out: number[] = [];
  const midnight = from - localHour(from, offset) * hourMs;
  for (let start = midnight; start < to; start += 24 * hourMs)
    for (const hour of [day.from, day.until]) {
      const at = Math.round(start + hour * hourMs);
      if (at > from && at < to) out.push(at);
    }
  return out;
}

/**
 * What is written down when a thermometer shows so much now: in a place that swings with the day, the mean of the day.
 *
 * @param shown °C
 * @param offset local offset, minutes east of UTC
 */
export function meanOfShown(warmths: Warmths, place: PlaceId, at: number, shown: number, offset: number) {
  const swing = saidAt(warmths, place, at)?.swing ?? 0;
  return swing === 0
    ? { celsius: shown }
    : { celsius: Math.round(2 * (shown - swungBy({ at, celsius: 0, swing, offset }, at))) / 2, swing };
}

/** A place's own last word at an instant. */
export const saidAt = (warmths: Warmths, place: PlaceId, at: number): WarmthStep | undefined =>
  stepAt(warmths[place] ?? [], at);

/**
 * Temperature of a place at an instant: the last one said before it, else the first said within a day after. A place without
 * a word of its own follows the counter (the fridge stands at 4 °C). What is said today never rewrites an older past.
 *
 * @param at ms since 1970
 * @returns °C
 * @example celsiusAt({}, 'fridge', 0) // 4
 */
export function celsiusAt(warmths: Warmths, place: PlaceId, at: number): number {
  const own = stepAt(warmths[place] ?? [], at);
  if (own) return own.celsius + swungBy(own, at);
  if (place === 'fridge') return fridgeCelsius;
  const said = stepAt(warmths.counter ?? [], at);
  const counter = said ? said.celsius + swungBy(said, at) : assumedCelsius;
  return place === 'counter' ? counter : counter + againstCounter[place];
}

/** Instants at which a history's answer changes: a day before its first word, then at every later one. */
function turns(steps: readonly WarmthStep[], from: number, to: number): number[] {
  return steps.flatMap((step, i) => {
    const begins = i === 0 ? step.at - countsBackMs : step.at;
    const ends = steps[i + 1]?.at ?? Infinity;
    const lasts = swingTurns(step, Math.max(begins, from), Math.min(ends, to));
    return [begins, ...lasts];
  });
}

/** Instants within a span at which a place's temperature changes, in order: by its own words, before them by the counter's. */
export function changesWithin(warmths: Warmths, place: PlaceId, from: number, to: number): number[] {
  const own = turns(warmths[place] ?? [], from, to);
  const follows = place !== 'counter' && place !== 'fridge';
  const under = follows
    ? turns(warmths.counter ?? [], from, to).filter((at) => at < (own[0] ?? Infinity))
    : [];
  return [...under, ...own].filter((at) => at > from && at < to);
}
