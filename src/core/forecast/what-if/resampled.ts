import { rowAt, rowOf, type StoredRun } from '../run/stored-run';
import { slots } from '../../ferment/state/state';
import { representatives } from './what-if';

const { ROW_SIZE } = slots;

/**
 * The same run with members that all weigh the same: the heavy ones stand in it several times, the light ones perhaps not at all.
 *
 * @param run a run whose members were weighed by readings
 * @param count members wanted, 1 or more
 * @returns a run of `count` members with the same hours, which can be asked whatever a run is asked
 */
export function resampled(run: StoredRun, count: number): StoredRun {
  const picked = representatives(run, count);
  const rows = new Float32Array(picked.length * run.hours.length * ROW_SIZE);
  const celsius = new Float32Array(picked.length * run.hours.length);
  const members = picked.map((m) => run.members[m]!);
  picked.forEach((m, i) =>
    run.hours.forEach((_, hour) => {
      const from = rowAt(run, m, hour);
      rows.set(run.rows.subarray(from, from + ROW_SIZE), rowAt({ members }, i, hour));
      celsius[rowOf({ members }, i, hour)] = run.celsius[rowOf(run, m, hour)]!;
    }),
  );
  const weights = new Float64Array(picked.length).fill(1 / picked.length);
  return { ...run, members, rows, celsius, weights };
}
