import { valuesOverTime } from './quantiles';
import { weightedQuantiles, type Quantiles } from './weighted-quantiles';
import type { Quantity } from '../run/quantities';
import type { StoredRun } from '../run/stored-run';

/**
 * The hour at which each member first reaches a level, interpolated between reported hours.
 *
 * @param direction whether the quantity rises to the level or falls to it
 * @param fromHour passages before are not looked for
 * @returns hours, Infinity where the run never gets there
 */
export function firstPassageHours(
  run: StoredRun,
  quantity: Quantity,
  level: number,
  direction: 'rises' | 'falls',
  fromHour = 0,
): Float64Array {
  const over = valuesOverTime(run, quantity);
  const sign = direction === 'rises' ? 1 : -1;
  const out = new Float64Array(run.members.length).fill(Infinity);
  let previous: Float64Array | undefined;
  for (let index = 0; index < run.hours.length; index++) {
    const hour = run.hours[index]!;
    if (hour < fromHour - 1e-9) continue;
    const values = over[index]!;
    for (let m = 0; m < out.length; m++) {
      if (out[m] !== Infinity || sign * values[m]! < sign * level) continue;
      out[m] = previous ? crossing(previous[m]!, values[m]!, level, run.hours[index - 1]!, hour) : hour;
    }
    previous = values;
  }
  return out;
}

function crossing(before: number, after: number, level: number, from: number, to: number): number {
  const rise = after - before;
  return rise === 0 ? to : from + ((level - before) / rise) * (to - from);
}

/** Weighted quantiles of passage hours; Infinity for levels more members never reach. */
export const passageQuantiles = <const L extends readonly number[]>(
  run: StoredRun,
  hours: Float64Array,
  levels: L,
): Quantiles<L> => weightedQuantiles(hours, run.weights, levels);
