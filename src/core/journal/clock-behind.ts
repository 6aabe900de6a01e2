import type { Entry } from './entry';
import { clockOf } from './instant-id';
import { aheadMs } from './journal';
import { dayMs } from '../duration';

/** So many entries of so many days, written ahead of a clock, are no slip of the clock that wrote them. */
const fewest = { entries: 3, days: 2 } as const;

/**
 * Whether a device's clock seems to be behind: entries of several days were written after what it says, and nothing since by an
 * earlier clock. (A clock that was once ahead was mended: what was written then lies ahead, but newer entries do not.)
 *
 * @param now what the clock says, ms since 1970
 * @returns the instant of the newest entry, to go by until the clock is right; null when the clock may well be right
 */
export function clockBehind(entries: readonly Entry[], now: number): number | null {
  const edge = now + aheadMs;
  let newest: Entry | null = null;
  let count = 0;
  const days = new Set<number>();
  for (const entry of entries) {
    if (newest === null || entry.id > newest.id) newest = entry;
    if (clockOf(entry.id).ms <= edge || entry.at <= edge) continue;
    count += 1;
    days.add(Math.floor(entry.at / dayMs));
  }
  return newest && newest.at > edge && count >= fewest.entries && days.size >= fewest.days ? newest.at : null;
}
