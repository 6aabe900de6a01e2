import type { MoveEffect } from '@/core/starter/move-effect';
import { duration } from '../moment';
import { t } from '@/core/language/t';

/** What a move would change, before it is made. */
export function moveWords({ from, to, pace, feedHours, suffers }: MoveEffect, name: string): string {
  const change = t`${to.toFixed(0)} °C instead of ${from.toFixed(0)} °C`;
  const speed =
    pace < 0.25
      ? t`it nearly stops`
      : pace < 1
        ? t`it takes ${(1 / pace).toFixed(1)} times as long`
        : t`it goes ${pace.toFixed(1)} times as fast`;
  const feeds = feedHours
    ? t`, a feed every ${duration(feedHours[1])} instead of ${duration(feedHours[0])}`
    : '';
  const heat = suffers ? t` That is too warm for it: shade it, or use a box with ice.` : '';
  return t`There ${name} would stand at ${change}: ${speed}${feeds}. Every window follows.${heat}`;
}
