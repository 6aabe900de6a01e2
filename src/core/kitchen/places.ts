/** Where things stand. Each place has a temperature history of its own. */
export const placeIds = ['counter', 'cupboard', 'warm-shelf', 'cooler-box', 'fridge'] as const;
export type PlaceId = (typeof placeIds)[number];

/** The temperature of a place from an instant on. */
export interface WarmthStep {
  readonly at: number;
  readonly celsius: number;
  /** Half the difference of day and night, °C. */
  readonly swing?: number | undefined;
}

/** Temperature histories, in order of time. A place never spoken of follows the counter. */
export type Warmths = Readonly<Partial<Record<PlaceId, readonly WarmthStep[]>>>;

/** Kitchen temperature before anybody said one, °C. */
export const assumedCelsius = 21;

/** Fridge temperature the advice reckons with until it is measured, °C. */
export const fridgeCelsius = 4;

/** How much warmer a place usually is than the counter, °C: practice. */
const againstCounter: Readonly<Record<Exclude<PlaceId, 'counter' | 'fridge'>, number>> = {
  cupboard: -1,
  'warm-shelf': 4,
  'cooler-box': -6,
};

/** The first word on a place's temperature counts this far back, ms: nobody reads a thermometer the minute a jar is begun. */
const countsBackMs = 86_400_000;

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
  if (own) return own.celsius;
  if (place === 'fridge') return fridgeCelsius;
  const counter = stepAt(warmths.counter ?? [], at)?.celsius ?? assumedCelsius;
  return place === 'counter' ? counter : counter + againstCounter[place];
}

/** Instants at which a history's answer changes: a day before its first word, then at every later one. */
const turns = ([first, ...later]: readonly WarmthStep[]): number[] =>
  first ? [first.at - countsBackMs, ...later.map(({ at }) => at)] : [];

/** Instants within a span at which a place's temperature changes, in order: by its own words, before them by the counter's. */
export function changesWithin(warmths: Warmths, place: PlaceId, from: number, to: number): number[] {
  const own = turns(warmths[place] ?? []);
  const follows = place !== 'counter' && place !== 'fridge';
  const under = follows ? turns(warmths.counter ?? []).filter((at) => at < (own[0] ?? Infinity)) : [];
  return [...under, ...own].filter((at) => at > from && at < to);
}
