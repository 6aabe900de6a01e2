import { onClock } from '../calendar';
import type { FreeHours } from './free-hours';
import { lastFree } from './free-hours';
import type { Method } from '../lots/records/method';
import { dayMs, hourMs } from '../duration';

/** What is done before a brew day. */
export interface Preparing {
  readonly kind: 'buy' | 'stand-water' | 'soak' | 'feed';
  readonly from: number;
  readonly until: number;
}

/** Tap water stands so long before it is used, hours. */
const standing = { most: 24, least: 12 };
/** Vinegar works so long on what is cleaned with it, and is poured within so many hours before. Practice. */
const soaking = { least: 8, within: 4 };

/**
 * What is done before a brew day, in order: what is missing bought, water stood where it is not boiled, what touches
 * the liquid soaked where it is cleaned so, the starter fed.
 *
 * @param feeds instants of a build-up's feeds, ms
 * @returns windows on the clock; buying ends the evening before, and at once where that has gone by
 */
export function preparation(
  { water, clean }: Pick<Method, 'water' | 'clean'>,
  pitchAt: number,
  feeds: readonly number[],
  { now, free }: { readonly now: number; readonly free: FreeHours },
): Preparing[] {
  const evening = onClock(pitchAt - dayMs, 20 * 60);
  const buyUntil = Math.max(now, Math.min(evening, ...feeds));
  const pourAt = Math.max(now, lastFree(pitchAt - standing.least * hourMs, free));
  const soakUntil = lastFree(pitchAt - soaking.least * hourMs, free);
  const out: Preparing[] = [
    ...(pitchAt > now + hourMs ? [{ kind: 'buy' as const, from: now, until: buyUntil }] : []),
    // For a brew before that there is no time to let it stand: brew day says what else can be done.
    ...(water === 'stood' && pitchAt >= now + standing.least * hourMs
      ? [
          {
            kind: 'stand-water' as const,
            from: Math.max(now, Math.min(pourAt, pitchAt - standing.most * hourMs)),
            until: pourAt,
          },
        ]
      : []),
    ...(clean === 'vinegar' && soakUntil >= now
      ? [
          {
            kind: 'soak' as const,
            from: Math.max(now, soakUntil - soaking.within * hourMs),
            until: soakUntil,
          },
        ]
      : []),
    ...feeds.map((at) => ({ kind: 'feed' as const, from: at, until: at + hourMs })),
  ];
  return out.sort((a, b) => a.from - b.from || a.until - b.until);
}
