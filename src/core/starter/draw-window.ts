import type { Window } from '../forecast/windows';
import { gingerBug } from './ginger-bug';
import { livelinessOf, ripeHoursAt } from './liveliness';
import { pace } from './pace';
import type { StarterState } from './starter-state';

const hourMs = 3_600_000;

export interface DrawWindow extends Window {
  /** The window's edges as instants, ms since 1970. */
  readonly from: number;
  readonly bestAt: number;
  readonly until: number;
  readonly because: string;
}

/**
 * When a starter can be drawn from: from near its peak after a feed until it is hungry, not before it is ripe, and not
 * within a day of the last draw.
 *
 * @param starter projected state
 * @param now ms since 1970
 * @param celsius where it stands, °C
 * @returns instants, and hours from `now`; a rested starter has a window only as if it stood at that temperature
 */
export function drawWindow(starter: StarterState, now: number, celsius: number): DrawWindow {
  const speed = pace(celsius);
  const { peakHours, hungryHours } = livelinessOf(starter, now, celsius);
  const ripeLeft = gingerBug.ripensDays.usual * 24 - ripeHoursAt(starter, now, celsius);
  const ripeAt = now + (Math.max(0, ripeLeft) / speed) * hourMs;
  const peakFrom = starter.lastFedAt + peakHours * 0.8 * hourMs;
  const rested = starter.lastDrawnAt === null ? 0 : starter.lastDrawnAt + gingerBug.restHours * hourMs;
  const from = Math.max(peakFrom, ripeLeft > 0 ? ripeAt : 0, rested);
  const bestAt = Math.max(from, starter.lastFedAt + peakHours * 1.1 * hourMs);
  const until = Math.max(starter.lastFedAt + hungryHours * hourMs, bestAt + 4 * hourMs);
  const hours = (instant: number) => (instant - now) / hourMs;
  return {
    from,
    bestAt,
    until,
    earliest: hours(from),
    best: hours(bestAt),
    latest: hours(until),
    earliestSpread: ripeLeft > 0 ? (48 / speed) * 0.7 : peakHours * 0.4,
    latestSpread: (hungryHours - peakHours) * 0.35,
    because: reason(ripeLeft > 0, rested > peakFrom && ripeLeft <= 0, celsius, peakHours),
  };
}

function reason(ripening: boolean, resting: boolean, celsius: number, peakHours: number): string {
  const at = `${celsius.toFixed(1)} °C`;
  if (ripening)
    return `a new bug takes 3 to 7 days; at ${at} about ${(gingerBug.ripensDays.usual / pace(celsius)).toFixed(0)} in all, fed every day.`;
  if (resting) return 'it was drawn from, and regrows for a day before the next draw.';
  return `at ${at} it peaks about ${Math.round(peakHours)} h after a feed.`;
}

/** When the next feed is due, ms since 1970: a day at 22 °C, half a day when hot, weeks in the fridge. */
export function nextFeedAt(starter: StarterState, celsius: number): number {
  const hours = Math.min(24 * 28, Math.max(12, gingerBug.feedEveryHours / pace(celsius)));
  return starter.lastFedAt + hours * hourMs;
}
