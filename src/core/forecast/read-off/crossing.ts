import type { FiveNumbers } from './weighted-quantiles';

/** When a course falls to a level: in the quickest kitchens of twenty, in the middle, in the slowest. Hours; null beyond the end. */
export interface Crossing {
  readonly earliest: number | null;
  readonly middle: number | null;
  readonly latest: number | null;
}

/**
 * When a falling course passes a level, from its quantiles hour by hour; between hours it is taken as straight.
 *
 * @param hours rising, as many as `series`
 * @example crossingOf([0, 10], [[80, 80, 80, 80, 80], [20, 30, 40, 50, 60]], 60).middle // 5
 */
export function crossingOf(
  hours: readonly number[],
  series: readonly FiveNumbers[],
  level: number,
): Crossing {
  const at = (quantile: number): number | null => {
    for (let i = 0; i < series.length; i++) {
      const value = series[i]![quantile]!;
      if (value > level) continue;
      if (i === 0) return hours[0]!;
      const before = series[i - 1]![quantile]!;
      const share = before > value ? (before - level) / (before - value) : 0;
      return hours[i - 1]! + share * (hours[i]! - hours[i - 1]!);
    }
    return null;
  };
  return { earliest: at(0), middle: at(2), latest: at(4) };
}

/**
 * When a rising course comes to a level, as {@link crossingOf} for a falling one: quickest, middle, slowest kitchens.
 *
 * @example risingCrossing([0, 10], [[0, 0, 0, 0, 0], [1, 2, 4, 5, 8]], 2).middle // 5
 */
export function risingCrossing(
  hours: readonly number[],
  series: readonly FiveNumbers[],
  level: number,
): Crossing {
  const turned = series.map(([a, b, c, d, e]): FiveNumbers => [-e, -d, -c, -b, -a]);
  return crossingOf(hours, turned, -level);
}
