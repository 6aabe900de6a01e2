import type { Reading } from '../ferment/ferment';
import { spanAt, stageSpans } from '../ferment/time-table';
import { expected, likelihood } from './observe';
import { hourIndexAt } from './between-hours';
import { rowAt, type StoredRun } from './stored-run';

/** What every member expects of a reading, interpolated between the hours around it. */
export function expectations(run: StoredRun, reading: Reading): Float64Array {
  const { hours, ferment } = run;
  const { stage } = spanAt(stageSpans(ferment.stages), reading.hour);
  const headspaceRatio = stage.headspaceMl / (stage.liquidMl ?? ferment.liquidLitres * 1000);
  const before = hourIndexAt(hours, reading.hour);
  const after = Math.min(before + 1, hours.length - 1);
  const share = after === before ? 0 : (reading.hour - hours[before]!) / (hours[after]! - hours[before]!);
  const at = (member: number, index: number) =>
    expected(reading.kind, run.rows, rowAt(run, member, index), {
      stage,
      celsius: run.celsius[member * hours.length + index]!,
      headspaceRatio,
    });
  return Float64Array.from(run.members, (_, m) => {
    const first = at(m, before);
    return share === 0 ? first : first + share * (at(m, after) - first);
  });
}

/** Log likelihood of all readings for each member. */
export function logLikelihoods(run: StoredRun, readings: readonly Reading[]): Float64Array {
  const sums = new Float64Array(run.members.length);
  for (const reading of readings) {
    const values = expectations(run, reading);
    for (let m = 0; m < sums.length; m++) sums[m] = sums[m]! + Math.log(likelihood(reading, values[m]!));
  }
  return sums;
}

/** Logarithms to weights that sum to 1. */
export function normalised(logs: Float64Array): Float64Array {
  let top = -Infinity;
  for (const log of logs) if (log > top) top = log;
  const weights = logs.map((log) => Math.exp(log - top));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
}

/** How many equally weighing members the weights are worth: 1/Σw² (Kish). */
export const effectiveMembers = (weights: Float64Array): number =>
  1 / weights.reduce((sum, weight) => sum + weight * weight, 0);

/**
 * Flattens weights just enough to keep at least `least` effective members, so that no answer hangs on one lucky run.
 * @returns the weights and the power used, 1 when nothing was flattened
 */
export function withoutCollapse(logs: Float64Array, least: number): { weights: Float64Array; power: number } {
  let power = 1;
  let weights = normalised(logs);
  for (let i = 0; i < 40 && effectiveMembers(weights) < least; i++) {
    power *= 0.9;
    weights = normalised(logs.map((log) => log * power));
  }
  return { weights, power };
}
