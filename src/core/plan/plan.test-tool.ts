import { usualHours } from './fizz-hours';
import type { Lengths } from './lengths';
import { nothingHeld } from './held';
import type { Household, PlannedWish, Way } from './problem';
import { dayMs } from '../duration';

/** Monday 1 June 2026, 18:00 by the local clock. */
export const monday = new Date(2026, 5, 1, 18).getTime();

/** Lengths alike for each kitchen: hours to bottling, hours until too dry, hours to firm and until too much. */
export function lengthsAlike(
  kitchens: readonly (readonly [ready: number, dry: number, firm: number, over: number])[],
): Lengths {
  const of = (pick: (kitchen: readonly [number, number, number, number]) => number) =>
    Float64Array.from(kitchens, pick);
  const rows = (pick: (kitchen: readonly [number, number, number, number]) => number) => [of(pick), of(pick)];
  const fizz = {
    enough: rows(([, , firm]) => 0.8 * firm),
    wanted: rows(([, , firm]) => firm),
    over: rows(([, , , over]) => over),
  };
  return {
    straight: false,
    pauseHours: 0,
    bottleFrom: of(([ready]) => ready),
    bottleUntil: of(([, dry]) => dry),
    bottleSoonest: of(([ready]) => 0.75 * ready),
    bottledAt: [0, 1000],
    fizz,
    felt: { gauge: fizz, squeeze: fizz, none: fizz },
    usual: [0, 1].map((i) => usualHours(fizz, i)),
  };
}

export const wayOf = (id: string, lengths: Lengths, more: Partial<Way> = {}): Way => ({
  id,
  lengths,
  readyAt: monday,
  drawsFrom: null,
  actsBefore: 0,
  ...more,
});

export const wishOf = (id: string, days: number, ways: readonly Way[], bottles = 4): PlannedWish => ({
  id,
  by: monday + days * dayMs,
  bottles,
  weight: 1,
  held: nothingHeld,
  ways,
});

export const householdOf = (more: Partial<Household> = {}): Household => ({
  now: monday,
  free: { waking: { from: 7 * 60, to: 22 * 60 + 30 }, busy: [] },
  look: 'squeeze',
  pace: [],
  jars: 2,
  bottles: 12,
  fridge: 1000,
  cold: { span: [monday, monday], bottles: 0 },
  ...more,
});
