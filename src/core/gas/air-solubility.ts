import { atmosphereBar, kelvin } from './co2-solubility';

/** Henry's constant from that at 25 °C, mol/(L·bar), and how it falls with warmth, K: Sander's compilation. */
function henry(at25: number, slope: number, celsius: number): number {
  return at25 * Math.exp(slope * (1 / kelvin(celsius) - 1 / kelvin(25)));
}

/**
 * Nitrogen that water dissolves.
 *
 * @param celsius 0 to 45
 * @returns mol/(L·bar), about 5 %
 * @source R. Sander, Atmos. Chem. Phys. 15 (2015) 4399–4981
 * @example nitrogenSolubility(25) // ≈ 0.00064
 */
export function nitrogenSolubility(celsius: number): number {
  return henry(6.4e-4, 1300, celsius);
}

/** Oxygen that water dissolves at `celsius`, in the unit and range of `nitrogenSolubility`. @example oxygenSolubility(25) // ≈ 0.0013 */
export function oxygenSolubility(celsius: number): number {
  return henry(1.3e-3, 1500, celsius);
}

/** Share of oxygen in dry air; the rest counts as nitrogen. */
export const oxygenInAir: number = 0.2095;

/** Partial pressure of CO2 in the air of a kitchen, bar: four hundred parts in a million. */
export const co2OfAirBar: number = 4.2e-4 * atmosphereBar;
