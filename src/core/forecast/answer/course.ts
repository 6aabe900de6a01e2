import { hourIndexAt } from '../run/hour-index';
import type { LotSeries } from './family-answer';

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
  const lane = (name: keyof LotSeries) => [...series[name].slice(0, index + 1), ...tail.series[name]];
  return {
    hours: [...hours.slice(0, index + 1), ...tail.hours],
    series: {
      sweet: lane('sweet'),
      fizz: lane('fizz'),
      gauge: lane('gauge'),
      ph: lane('ph'),
      alcohol: lane('alcohol'),
    },
  };
}
