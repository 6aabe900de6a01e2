import type { Entry } from '../core/journal/entry';
import { demoHousehold } from './household';
import { hourMs } from '@/core/duration';

const staleMs = 20 * hourMs;

/**
 * Lays the demo household around today when it is not there, or was laid around another day.
 *
 * @param present entries the demo's storage holds
 * @returns what to sow, or null when it is fresh
 */
export function seedDemo(
  present: readonly Entry[],
  now: number,
  offset: number,
): { replace: boolean; entries: Entry[] } | null {
  const latest = present
    .filter(({ id }) => id.endsWith('demo'))
    .reduce((top, { at }) => Math.max(top, at), 0);
  const fresh = Math.abs(now - 1.5 * hourMs - latest) < staleMs;
  return present.length > 0 && fresh ? null : { replace: true, entries: demoHousehold(now, offset) };
}
