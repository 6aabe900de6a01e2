import { gingerBug } from './ginger-bug';
import { pace } from './pace';
import type { StarterState } from './starter-state';

const hourMs = 3_600_000;

export interface Liveliness {
  /** 0 asleep – 1 at its peak. */
  readonly share: number;
  readonly word: 'asleep' | 'waking' | 'lively' | 'peaking' | 'hungry' | 'starved';
  /** Rhythm at this temperature, hours after the last feed. */
  readonly peakHours: number;
  readonly hungryHours: number;
  readonly hoursSinceFed: number;
}

const seenShare = { none: 0.15, some: 0.45, good: 0.85, riding: 1 } as const;

/**
 * How lively a starter is: it rises to a peak some hours after a feed, stays until the sugar is gone, then fades. A new
 * starter is held down until it ripens. What was seen in the last half day counts for half.
 *
 * @param starter projected state
 * @param now ms since 1970
 * @param celsius where it stands
 * @returns an estimate: a look and a listen come first
 * @source household practice: peak 6–24 h after a feed, ripe in 3–7 days
 */
export function livelinessOf(starter: StarterState, now: number, celsius: number): Liveliness {
  const speed = pace(celsius);
  const hours = Math.max(0, (now - starter.lastFedAt) / hourMs);
  const peakHours = gingerBug.peakHours / speed;
  const hungryHours = peakHours + starter.lastFedGramsPerLitre / gingerBug.appetite / speed;
  const ripe = Math.min(1, ripeHoursAt(starter, now, celsius) / (gingerBug.ripensDays.usual * 24));
  const rising = Math.min(1, 0.35 + (0.65 * hours) / peakHours);
  const fading = hours <= hungryHours ? 1 : Math.pow(0.5, ((hours - hungryHours) * speed) / 48);
  const modelled = rising * fading * ripe ** 1.5;
  const seen = starter.lastSeen;
  const fresh = seen && now - seen.at < 12 * hourMs && now >= seen.at ? 0.5 : 0;
  const share = modelled * (1 - fresh) + (seen ? seenShare[seen.foam] * fresh : 0);
  return {
    share,
    word: wordFor(share, hours, peakHours, hungryHours, speed),
    peakHours,
    hungryHours,
    hoursSinceFed: hours,
  };
}

/** Hours lived at the pace of 22 °C, up to now. */
export const ripeHoursAt = (starter: StarterState, now: number, celsius: number): number =>
  starter.ripeHours + (Math.max(0, now - starter.placedAt) / hourMs) * pace(celsius);

function wordFor(
  share: number,
  hours: number,
  peak: number,
  hungry: number,
  speed: number,
): Liveliness['word'] {
  if (speed < 0.15) return 'asleep';
  if (hours > hungry + 96 / speed) return 'starved';
  if (hours > hungry) return 'hungry';
  if (share < 0.4) return 'waking';
  return hours >= peak * 0.8 && share > 0.75 ? 'peaking' : 'lively';
}

/** Vigour of a dose drawn at that liveliness, for the forecast: 1 at the peak, half when flat. @example doseVigour(1) // 1 */
export const doseVigour = (share: number): number => 0.45 + 0.55 * Math.min(1, Math.max(0, share));
