import type { Reading } from '../../ferment/scenario/ferment';
import { fillingAt, spanAt, stageSpans } from '../../ferment/run/time-table';
import { blunderShare, expected, likelihood, readingError, senseOf, type Sense } from './observe';
import { hourIndexAt } from '../run/hour-index';
import { stillDissolved } from '../run/quantities';
import { isOffsetTool, logOfSameTool, toolOffset, type OffsetTool } from './same-tool';
import { rowAt, rowOf, type StoredRun } from '../run/stored-run';

/** What every member expects of a reading, interpolated between the hours around it. */
export function expectations(run: StoredRun, reading: Reading): Float64Array {
  const { hours, ferment } = run;
  const { stage } = spanAt(stageSpans(ferment.stages), reading.hour);
  const filling = fillingAt(ferment.stages, reading.hour, ferment.liquidLitres * 1000);
  const still = stillDissolved(ferment);
  const before = hourIndexAt(hours, reading.hour);
  const after = Math.min(before + 1, hours.length - 1);
  const share = after === before ? 0 : (reading.hour - hours[before]!) / (hours[after]! - hours[before]!);
  const at = (member: number, index: number) =>
    expected(reading.kind, run.rows, rowAt(run, member, index), {
      stage,
      celsius: run.celsius[rowOf(run, member, index)]!,
      filling,
      still,
    });
  return Float64Array.from(run.members, (_, m) => {
    const first = at(m, before);
    return share === 0 ? first : first + share * (at(m, after) - first);
  });
}

/** Readings of one kind count as so many independent ones, as a power of their number: they share what the model has wrong. */
const independence = 0.8;

/** How often each sense was used among readings, whichever lot they are of. */
export type SenseCounts = Readonly<Partial<Record<Sense, number>>>;

export function countSenses(readings: readonly Reading[]): SenseCounts {
  const counts: Partial<Record<Sense, number>> = {};
  for (const reading of readings) {
    const sense = senseOf(reading.kind);
    counts[sense] = (counts[sense] ?? 0) + 1;
  }
  return counts;
}

/**
 * Log likelihood of readings for each member, tempered: n readings of one sense count as n^0.8.
 *
 * @param counts of all readings that weigh the same members
 * @source P. G. Bissiri, C. Holmes, S. G. Walker, J. R. Stat. Soc. B 78 (2016) 1103–1130 (powers of a likelihood under a model that is not true)
 */
export function logLikelihoods(
  run: StoredRun,
  readings: readonly Reading[],
  counts: SenseCounts = countSenses(readings),
): Float64Array {
  const sums = new Float64Array(run.members.length);
  const powerOf = (kind: Reading['kind']) => Math.pow(counts[senseOf(kind)] ?? 1, independence - 1);
  const tools = new Map<OffsetTool, Reading[]>();
  for (const reading of readings) {
    if (isOffsetTool(reading.kind)) {
      tools.set(reading.kind, [...(tools.get(reading.kind) ?? []), reading]);
      continue;
    }
    const values = expectations(run, reading);
    const power = powerOf(reading.kind);
    for (let m = 0; m < sums.length; m++)
      sums[m] = sums[m]! + power * Math.log(likelihood(reading, values[m]!));
  }
  for (const [kind, same] of tools) {
    const values = same.map((reading) => expectations(run, reading));
    for (let m = 0; m < sums.length; m++) {
      const residuals = same.map((reading, i) => (reading.value as number) - values[i]![m]!);
      sums[m] =
        sums[m]! +
        powerOf(kind) * logOfSameTool(residuals, readingError[kind], toolOffset[kind], blunderShare);
    }
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
