import { hourIndexAt } from '../run/hour-index';
import { recordOf } from '../../record-of';
import type { LotSeries } from './family-answer';

/** The lanes of a lot's page. */
export const lanes = ['sweet', 'fizz', 'gauge', 'ph', 'alcohol'] as const satisfies (keyof LotSeries)[];

/** A course over hours of a forecast, for drawing. */
export interface Course {
  readonly hours: readonly number[];
  readonly series: LotSeries;
}

/** A course up to an hour, and what follows from then on. */
export function continued(
  hours: readonly number[],
  series: LotSeries,
  chillHour: number,
  tail: Course,
): Course {
  const index = hourIndexAt(hours, chillHour);
  return {
    hours: [...hours.slice(0, index + 1), ...tail.hours],
    series: recordOf(lanes, (name) => [...series[name].slice(0, index + 1), ...tail.series[name]]),
  };
}
