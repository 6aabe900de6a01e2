import { drawKitchen } from '../calibration/courses.ts';
import type { Kitchen, Truth } from '../calibration/truths.ts';
import type { Making, Scene } from './scenes.ts';
import type { Bottles, Poured } from './world.ts';

export interface LivedBatch {
  /** 1 for its first. */
  readonly number: number;
  readonly scene: Scene;
  readonly bottles: Bottles;
  /** Instant of hour 0 of its course, ms. */
  readonly start: number;
  /** Hour it was chilled at, from the start. */
  readonly hour: number;
  readonly looks: number;
  readonly poured: Poured;
  /** Bottles of it, or as many as a jar would fill. */
  readonly count: number;
}

export interface Lived {
  readonly batches: readonly LivedBatch[];
  /** Share of its worst jar that is alive; 1 of a household that keeps none. */
  readonly jarAlive: number;
  /** What Today asked for and it did: feeds, looks, rests, chillings. */
  readonly acts: number;
  readonly asked: number;
}

export interface HouseholdOfTrial {
  readonly making: Making;
  readonly truth: Truth;
  readonly kitchen: Kitchen;
  /** Room in the middle of its sixty days, °C, and how far the season moves it. */
  readonly celsius: number;
  readonly season: number;
  readonly begins: number;
  /** Days between which nobody is there. */
  readonly away: { readonly from: number; readonly to: number };
}

/** Days that a trial lasts. */
export const sixtyDays = 60;
const tenDays = { from: 35, to: 45 } as const;
export function drawHousehold(
  making: Making,
  truths: readonly Truth[],
  uniform: () => number,
  normal: () => number,
): HouseholdOfTrial {
  return {
    making,
    truth: truths[Math.floor(uniform() * truths.length)]!,
    kitchen: drawKitchen(normal),
    celsius: 19 + 6 * uniform(),
    season: 2.5 * (uniform() - 0.5),
    begins: new Date(2026, Math.floor(12 * uniform()), 1 + Math.floor(28 * uniform()), 18).getTime(),
    away: tenDays,
  };
}
