import { scaleLinear } from 'd3-scale';
import type { FiveNumbers } from '../../core/forecast/read-off/weighted-quantiles';

/** One quantity over the common clock. */
export interface Lane {
  readonly name: string;
  readonly unit: string;
  readonly color: string;
  readonly series: readonly FiveNumbers[];
  readonly digits: number;
  /** A line that must not be crossed, in the lane's unit. */
  readonly limit?: { readonly value: number; readonly label: string };
  readonly points?: readonly { readonly hour: number; readonly value: number }[];
  /** A quiet zone the maker aims for. */
  readonly target?: readonly [number, number];
}

/** Heights of a lane, px: all of them are in sight at once, on a phone above the acts. */
export const laneHeights = { phone: 58, wide: 94 } as const;
const laneInset = { top: 22, bottom: 6 };
export const axisWidth = 34;

/** Vertical scale of a lane: from 0 (or below the least) to above the most that matters. */
export function laneScale(lane: Lane, visible: readonly FiveNumbers[], floor: number | null, height: number) {
  const most = Math.max(
    ...visible.map((five) => five[4]),
    lane.limit?.value ?? 0,
    ...(lane.points ?? []).map((p) => p.value),
  );
  const least = floor ?? Math.min(...visible.map((five) => five[0]));
  const room = Math.max(1e-6, most - least);
  return valueScale(least, most + room * 0.08, height).nice(3);
}

/** Values between two ends of an axis to pixels from a lane's top. */
export const valueScale = (least: number, most: number, height: number) =>
  scaleLinear([least, most], [height - laneInset.bottom, laneInset.top]);

/** Horizontal scale: hours from the forecast's start to pixels. */
export const hourScale = (fromHour: number, toHour: number, width: number) =>
  scaleLinear([fromHour, toHour], [axisWidth, width - 6]).clamp(true);

/** A tick as it is written. */
export const tickFigure = (tick: number): number => Number(tick.toFixed(1));

/** Ticks of a value axis: none that reads as another nought, and in a low lane none that would touch the next. */
export function valueTicks(y: ReturnType<typeof valueScale>, height: number): readonly number[] {
  const all = y
    .ticks(3)
    .slice(0, 4)
    .filter((tick) => tick === 0 || tickFigure(tick) !== 0);
  return height <= laneHeights.phone && all.length > 3 ? all.filter((_, i) => i % 2 === 0) : all;
}
