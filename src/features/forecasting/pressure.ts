import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { betweenHours } from '@/core/forecast/run/hour-index';
import { hourMs } from '@/core/duration';

/** Pressure, its 95 % edge and the fizz of a closed bottle now, if it is forecast. */
export interface PressureNow {
  readonly median: number;
  readonly edge: number;
  readonly volumes: number;
}

/** Between the rows of the kept answer, by time. */
export function pressureAt(answer: LotAnswer | null, now: number): PressureNow | null {
  if (!answer || answer.limitBar === null) return null;
  const hour = (now - answer.start) / hourMs;
  const { index, share } = betweenHours(answer.hours, hour);
  const at = (series: LotAnswer['series']['gauge'], quantile: number) => {
    const before = series[index]?.[quantile] ?? 0;
    const after = series[index + 1]?.[quantile] ?? before;
    return before + share * (after - before);
  };
  return {
    median: at(answer.series.gauge, 2),
    edge: at(answer.series.gauge, 4),
    volumes: at(answer.series.fizz, 2),
  };
}
