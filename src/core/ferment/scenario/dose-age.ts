import type { Culture } from '../../cultures/culture';

/** How much faster a resting dose ages when it is ten degrees warmer (practice, 2–4). */
const tenfoldDegreesFactor = 2.5;

/**
 * What lives of a dose that has waited: half after the culture's half-life at 20 °C, slower in the cold.
 *
 * @param ageDays since it was made, strained or packed, 0 or more
 * @param keptCelsius where it waited, °C
 * @returns 0–1; 1 for a culture that is not known to age
 * @source practice: dry yeast loses about a third a year in the cupboard, whey half its life a week in the fridge
 * @example doseAlive(null, 30, 20) // 1
 */
export function doseAlive(culture: Culture | null, ageDays: number, keptCelsius: number): number {
  if (!culture?.halfLifeDays || ageDays === 0) return 1;
  const pace = Math.pow(tenfoldDegreesFactor, (keptCelsius - 20) / 10);
  return Math.pow(0.5, (ageDays * pace) / culture.halfLifeDays);
}

/**
 * How many times as long an aged dose takes to wake, since the survivors are hurt: 1 to 2.2. Practice.
 *
 * @param alive share of its cells, 0–1
 * @example lagOfAged(1) // 1
 */
export const lagOfAged = (alive: number): number => 1 + 1.2 * (1 - alive);
