import { waterDensity } from '../gas/water-density';
import { primingSugar } from '../gas/potential';
import { abvByMassBalance, abvByRule131, abvByRule7_5 } from '../sugar/alcohol';
import { gravityOf } from '../sugar/ferment-gravity';
import { brixOfGravity, gravityOfBrix, sucroseDensity } from '../sugar/sucrose-solution';

/** Temperature hydrometers are marked for, °C. */
const markedFor = 20;

/**
 * Gravity at 20 °C of what a hydrometer showed at another temperature: the liquid is taken to swell like water.
 *
 * @param shown SG as read, 0.98–1.2
 * @param celsius 0–50
 * @source Kell 1975 for water; good to 0.0005 below 15 °Brix
 * @example gravityAt20(1.04, 30) // ≈ 1.0427
 */
export const gravityAt20 = (shown: number, celsius: number): number =>
  (shown * waterDensity(markedFor)) / waterDensity(celsius);

/** Alcohol of a ferment by two rules of thumb and by mass balance, percent by volume. */
export const alcoholThreeWays = (og: number, fg: number) => ({
  rule131: abvByRule131(og, fg),
  rule7_5: abvByRule7_5(og, fg),
  massBalance: fg < og ? abvByMassBalance(og, fg) : 0,
});

/** Gravity and °Brix of each other. */
export const brixAndGravity = (value: number, is: 'brix' | 'sg') =>
  is === 'brix' ? { brix: value, sg: gravityOfBrix(value) } : { brix: brixOfGravity(value), sg: value };

/**
 * Sugar in a juice, g: by what its label says for 100 ml, or by a refractometer (all that is dissolved counted as sugar).
 *
 * @example sugarOfJuice(250, { per100Ml: 10.4 }) // 26
 */
export const sugarOfJuice = (
  ml: number,
  by: { readonly per100Ml: number } | { readonly brix: number },
): number =>
  'per100Ml' in by ? (ml * by.per100Ml) / 100 : (ml / 1000) * (by.brix / 100) * sucroseDensity(by.brix / 100);

/** A liquid with its sugar. */
export interface Sweet {
  readonly ml: number;
  readonly gramsPerLitre: number;
}

/** Two or more liquids poured together: volumes add, sugar adds. @returns ml, g/L, SG 20/20 */
export function mixSweet(parts: readonly Sweet[]): Sweet & { readonly sg: number } {
  const ml = parts.reduce((sum, part) => sum + part.ml, 0);
  const grams = parts.reduce((sum, part) => sum + (part.ml / 1000) * part.gramsPerLitre, 0);
  const gramsPerLitre = ml > 0 ? (grams / ml) * 1000 : 0;
  return { ml, gramsPerLitre, sg: gravityOf({ sugar: gramsPerLitre, ethanol: 0, acids: 0 }) };
}

/** CO2 that a base fermented open or under an airlock still holds, volumes: saturated at its temperature. Table of Henry's law. */
const held: readonly (readonly [celsius: number, volumes: number])[] = [
  [0, 1.71],
  [5, 1.42],
  [10, 1.19],
  [15, 1.02],
  [20, 0.88],
  [25, 0.76],
  [30, 0.67],
];

/** Volumes of CO2 in a still base at a temperature, 0–30 °C. @example heldWhenStill(20) // 0.88 */
export function heldWhenStill(celsius: number): number {
  const t = Math.min(30, Math.max(0, celsius));
  const i = Math.min(held.length - 2, Math.floor(t / 5));
  const [[from, low], [, high]] = [held[i]!, held[i + 1]!];
  return low + ((high - low) * (t - from)) / 5;
}

/**
 * Sugar to prime a dry, still base with.
 *
 * @returns g a litre, and g a bottle
 * @example // 2.5 volumes from a still base at 20 °C: about 6.2 g/L
 */
export function priming(wantedVolumes: number, celsius: number, bottleMl: number) {
  const gramsPerLitre = primingSugar(wantedVolumes, heldWhenStill(celsius));
  return { gramsPerLitre, gramsPerBottle: (gramsPerLitre * bottleMl) / 1000 };
}

/**
 * Ways to rid water of what keeps germs down.
 *
 * Vitamin C takes chlorine and chloramine at once: 2.5 mg for each milligram. Tap water holds 0.2–1 mg a litre, at most about
 * four; standing and boiling remove chlorine, not chloramine.
 *
 * @param milligramsPerLitre free chlorine and chloramine together
 * @source AWWA practice: 2.5 parts ascorbic acid to one of chlorine
 */
export const vitaminCMilligrams = (litres: number, milligramsPerLitre: number): number =>
  2.5 * litres * milligramsPerLitre;
