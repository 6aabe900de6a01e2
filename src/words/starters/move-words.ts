import type { MoveEffect } from '@/core/starter/move-effect';
import { duration } from '../moment';

/** What a move would change, before it is made. */
export function moveWords({ from, to, pace, feedHours, suffers }: MoveEffect, name: string): string {
  const change = `${to.toFixed(0)} °C instead of ${from.toFixed(0)}`;
  const speed =
    pace < 0.25
      ? 'it nearly stops'
      : pace < 1
        ? `it takes ${(1 / pace).toFixed(1)} times as long`
        : `it goes ${pace.toFixed(1)} times as fast`;
  const feeds = feedHours
    ? `, a feed every ${duration(feedHours[1])} instead of ${duration(feedHours[0])}`
    : '';
  const heat = suffers ? ' So warm it suffers: shade it, or a box with ice.' : '';
  return `There ${name} would stand at ${change}: ${speed}${feeds}. Every window follows.${heat}`;
}
