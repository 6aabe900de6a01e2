import type { Ripeness } from '../../cultures/culture';
import { slots } from '../../ferment/state/state';
import { acidsMadeAt, cellsAt, sugarAt } from '../run/quantities';
import { rowAt, type StoredRun } from '../run/stored-run';

const { YEAST_READY } = slots;

/**
 * Liveliness of one member at one hour: how much lives there against a well-kept jar, how ready its cells are, and whether
 * they have something to eat. Where only what is alive counts, the first of these alone.
 *
 * @param settledMass live mass of a well-kept jar, g/L
 * @returns 0–1
 */
export function livelinessAt(
  run: StoredRun,
  member: number,
  hourIndex: number,
  settledMass: number,
  aliveOnly = false,
): number {
  const at = rowAt(run, member, hourIndex);
  const mass = Math.min(1, cellsAt(run.rows, at) / settledMass);
  if (aliveOnly) return mass;
  const q = run.rows[at + YEAST_READY]!;
  const sugar = sugarAt(run.rows, at);
  const share = mass * (q / (1 + q)) * (0.6 + (0.4 * sugar) / (sugar + 1)) * 1.1;
  return share > 1 ? 1 : share;
}

/** How ripe each member is at an hour, by what its kind is judged by: the cycle counts from its last feed. */
export function ripenessAt(
  run: StoredRun,
  { by }: Ripeness,
  liveliness: readonly Float64Array[],
  fedHour: number,
): readonly Float64Array[] {
  if (by === 'liveliness' || by === 'alive') return liveliness;
  // The row at a feed stands before it.
  const after = fedHour > 0 ? run.hours.findIndex((hour) => hour > fedHour + 1e-6) : 0;
  const fedIndex = after < 0 ? run.hours.length - 1 : after;
  const of = (m: number, i: number): number => {
    const at = rowAt(run, m, i);
    if (i < fedIndex) return 0;
    if (by === 'acids') return acidsMadeAt(run.rows, at);
    return 1 - sugarAt(run.rows, at) / Math.max(1, sugarAt(run.rows, rowAt(run, m, fedIndex)));
  };
  return run.hours.map((_, i) => Float64Array.from(run.members, (__, m) => of(m, i)));
}

/** Whether a kind is past its best when its measure falls, or when it rises further. */
export const closesFalling = ({ by }: Ripeness): boolean => by === 'liveliness' || by === 'alive';

/** Vigour of a dose drawn at a liveliness of 0–1 (beyond counts as the end): 1 at the peak, 0.45 when flat. Practice. @example doseVigour(1) // 1 */
export const doseVigour = (liveliness: number): number => 0.45 + 0.55 * Math.min(1, Math.max(0, liveliness));
