import { molar } from '../sugar/yields';

/** Grams of CO2 in a litre that make one volume: CO2 at 0 °C and 1 atm (real-gas density 1.977 g/L, NIST). */
export const gramsPerVolume: number = 1.977;

/** One standard atmosphere in bar. */
export const atmosphereBar: number = 1.01325;

/** A temperature of °C in kelvin. @example kelvin(25) // 298.15 */
export function kelvin(celsius: number): number {
  return celsius + 273.15;
}

/**
 * Solubility of CO2 in fresh water: K0 = exp(−58.0931 + 90.5069·(100/T) + 22.2940·ln(T/100)).
 *
 * @param celsius −1 to 40
 * @returns mol/(L·atm), within 0.3 % of the cited measurements
 * @source R. F. Weiss, Marine Chemistry 2 (1974) 203–215, eq. 12, salinity 0
 * @example co2SolubilityInWater(20) // ≈ 0.0391
 */
export function co2SolubilityInWater(celsius: number): number {
  const hundred = kelvin(celsius) / 100;
  return Math.exp(-58.0931 + 90.5069 / hundred + 22.294 * Math.log(hundred));
}

/**
 * Solubility with sugar and ethanol: × 10^(−3.8e-4·sugar) × exp(−6e-4·ethanol). 100 g/L sugar takes about 8 %, mostly
 * because it fills room water would have had.
 *
 * @param celsius −1 to 40
 * @param sugarGramsPerLitre 0–200
 * @param ethanolGramsPerLitre 0–80
 * @returns mol/(L·atm), about 2 %
 * @source Sechenov form, constants fitted by practice to soft-drink tables
 * @example co2Solubility(4, 0, 0) // ≈ 0.0665
 */
export const co2Solubility = (
  celsius: number,
  sugarGramsPerLitre: number,
  ethanolGramsPerLitre: number,
): number =>
  co2SolubilityInWater(celsius) *
  Math.pow(10, -3.8e-4 * sugarGramsPerLitre) *
  Math.exp(-6e-4 * ethanolGramsPerLitre);

/** Moles of CO2 per litre to volumes. @example volumesOfMoles(0.0449) // ≈ 1.0 */
export const volumesOfMoles = (molesPerLitre: number): number => (molesPerLitre * molar.co2) / gramsPerVolume;

/** Volumes to moles of CO2 per litre. @example molesOfVolumes(1) // ≈ 0.0449 */
export const molesOfVolumes = (volumes: number): number => (volumes * gramsPerVolume) / molar.co2;
