import { area, line } from 'd3-shape';
import type { FiveNumbers } from '../../core/forecast/read-off/weighted-quantiles';

export type LanePoint = readonly [hour: number, five: FiveNumbers];

/** Outlines of a lane: bands between two of the five quantiles, and the median line. */
export function lanePaths(
  points: readonly LanePoint[],
  x: (hour: number) => number,
  y: (value: number) => number,
) {
  const all = points as LanePoint[];
  const band = (low: number, high: number) =>
    area<LanePoint>()
      .digits(1)
      .x(([hour]) => x(hour))
      .y0(([, five]) => y(five[low]!))
      .y1(([, five]) => y(five[high]!))(all) ?? '';
  const median =
    line<LanePoint>()
      .digits(1)
      .x(([hour]) => x(hour))
      .y(([, five]) => y(five[2]))(all) ?? '';
  return { band, median };
}
