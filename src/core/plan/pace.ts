import { celsiusAt, type Warmths } from '../kitchen/places';
import { cardinal, temperatureResponse } from '../ferment/relations/cardinal-temperature';
import { hourMs } from '../duration';

/** From an instant on everything goes so many times as fast as at the warmth of now. */
export interface PaceStep {
  readonly at: number;
  readonly pace: number;
}

/** Slower than this nothing ends within a plan. */
const slowest = 0.02;

/**
 * How fast ferments on the counter go in the days to come, by the warmth that was said ahead, against that of now.
 *
 * @returns in order of time; empty while no change was said
 * @example paceAhead({ counter: [{ at: 0, celsius: 22 }] }, 10) // []
 */
export function paceAhead(warmths: Warmths, now: number): PaceStep[] {
  const response = (at: number) => temperatureResponse(celsiusAt(warmths, 'counter', at), cardinal.yeast);
  const usual = response(now);
  return (warmths.counter ?? [])
    .filter(({ at }) => at > now)
    .map(({ at }) => ({ at, pace: Math.max(slowest, response(at) / usual) }));
}

/** The instant at which so many hours of the usual pace have gone by. @param hours 0 or more; Infinity is never */
export function instantAfter(start: number, hours: number, steps: readonly PaceStep[]): number {
  let at = start;
  let left = hours * hourMs;
  let pace = 1;
  for (const step of steps) {
    if (step.at > at) {
      const gone = (step.at - at) * pace;
      if (gone >= left) break;
      left -= gone;
      at = step.at;
    }
    pace = step.pace;
  }
  return at + left / pace;
}

/** Hours of the usual pace between two instants. @param end not before the start */
export function paceHours(start: number, end: number, steps: readonly PaceStep[]): number {
  let at = start;
  let gone = 0;
  let pace = 1;
  for (const step of steps) {
    if (step.at >= end) break;
    if (step.at > at) {
      gone += (step.at - at) * pace;
      at = step.at;
    }
    pace = step.pace;
  }
  return (gone + (end - at) * pace) / hourMs;
}
