/** Density of water at 20 °C, kg/m³, as used with the polynomial below. */
export const waterDensity20 = 998.2;

const coefficients = [998.2, 385.1761, 135.3705, 40.9299, -3.9643, 13.4853, -17.289] as const;

/**
 * Density of a sucrose solution at 20 °C: the ICUMSA polynomial in the mass fraction.
 *
 * @param massFraction grams of sucrose per gram of solution, 0–0.7
 * @returns kg/m³ (g/L), within 0.3 kg/m³ of the ICUMSA tables
 * @source ICUMSA Methods Book, SPS-4 (1998), reduced to 20 °C
 * @example sucroseDensity(0.1) // ≈ 1038.1
 */
export function sucroseDensity(massFraction: number): number {
  let density = 0;
  for (let power = coefficients.length - 1; power >= 0; power--) {
    density = density * massFraction + (coefficients[power] ?? 0);
  }
  return density;
}

/** °Brix (percent sucrose by mass, 0–70) to specific gravity 20/20. @example gravityOfBrix(10) // ≈ 1.0400 */
export const gravityOfBrix = (brix: number): number => sucroseDensity(brix / 100) / waterDensity20;

/**
 * Specific gravity to °Brix, by bisection over 0–70 °Brix, to 1e-6 °Brix.
 *
 * @param gravity 20/20, 1.000–1.351; values outside give the nearest end
 * @example brixOfGravity(1.04) // ≈ 10.0
 */
export function brixOfGravity(gravity: number): number {
  let low = 0;
  let high = 70;
  for (let i = 0; i < 30; i++) {
    const middle = (low + high) / 2;
    if (gravityOfBrix(middle) < gravity) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

export interface Solution {
  /** Volume of the mixed solution, litres. */
  readonly litres: number;
  readonly gramsPerLitre: number;
  readonly gravity: number;
  readonly brix: number;
}

/**
 * What sugar stirred into water really makes: 100 g in 1 L is 1.062 L at 94 g/L, since sugar takes up room too.
 *
 * @param sugarGrams sucrose, 0 or more
 * @param waterGrams water, above 0
 * @returns litres, g/L, SG 20/20 and °Brix at 20 °C; g/L within 0.1 %
 * @throws RangeError without water
 * @example dissolve(100, 1000).gramsPerLitre // ≈ 94.0
 */
export function dissolve(sugarGrams: number, waterGrams: number): Solution {
  if (!(waterGrams > 0) || sugarGrams < 0) throw new RangeError('dissolve needs water and no negative sugar');
  const total = sugarGrams + waterGrams;
  const fraction = sugarGrams / total;
  const density = sucroseDensity(fraction);
  const litres = total / density;
  return {
    litres,
    gramsPerLitre: sugarGrams / litres,
    gravity: density / waterDensity20,
    brix: fraction * 100,
  };
}

/**
 * Sugar per litre at a gravity.
 *
 * @param gravity SG 20/20 of a plain sugar solution, 1.000–1.351
 * @returns g/L
 * @example sugarOfGravity(1.036) // ≈ 93.4
 */
export const sugarOfGravity = (gravity: number): number =>
  (brixOfGravity(gravity) / 100) * gravity * waterDensity20;
