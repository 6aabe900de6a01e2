import { isInstant } from '../time-range';

/** A timer that runs, or has run down and rings. */
export interface KitchenTimer {
  readonly key: string;
  readonly lotId: string;
  readonly step: string;
  /** What it is for, as it was called when it was set. */
  readonly label: string;
  readonly from: number;
  readonly until: number;
}

interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

export const timerKey = (lotId: string, step: string): string => `${lotId}:${step}`;

/** Every timer of the kitchen, the next to ring first. They are kept: a closed page loses none. */
export function timersOf({ kept }: Keeps): KitchenTimer[] {
  return Object.entries(kept.timer ?? {})
    .flatMap(([key, { lotId, step, label, from, until }]): KitchenTimer[] =>
      typeof lotId === 'string' &&
      typeof step === 'string' &&
      isInstant(from) &&
      isInstant(until) &&
      until >= from
        ? [{ key, lotId, step, label: typeof label === 'string' ? label : '', from, until }]
        : [],
    )
    .sort((a, b) => a.until - b.until);
}

/** Time left, ms; 0 once it rings. */
export const leftOf = ({ until }: KitchenTimer, now: number): number => Math.max(0, until - now);
