import { atmosphereBar, co2Solubility, kelvin, molesOfVolumes, volumesOfMoles } from './co2-solubility';
import { waterVapourBar } from './water-vapour';

/** Gas constant, L·bar/(mol·K) (CODATA 2018). */
export const gasConstant = 0.0831446;

/** A closed bottle: liquid, the gas above it, and what is dissolved. */
export interface SealedBottle {
  readonly liquidMl: number;
  readonly headspaceMl: number;
  /** Temperature now, °C. */
  readonly celsius: number;
  /** Temperature when it was closed on ordinary air, °C. */
  readonly sealedAtCelsius: number;
  readonly sugarGramsPerLitre: number;
  readonly ethanolGramsPerLitre: number;
}

export interface BottleGas {
  /** Pressure over the air outside, bar. */
  readonly gaugeBar: number;
  /** CO2 partial pressure, bar. */
  readonly co2Bar: number;
  /** CO2 dissolved in the liquid, volumes. */
  readonly dissolvedVolumes: number;
}

/**
 * Moles of air shut into a headspace, per litre of liquid.
 *
 * @param headspaceRatio headspace over liquid volume, 0–5
 * @param sealedAtCelsius °C when closed, saturated with water vapour at 1 atm
 */
export const trappedAirMoles = (headspaceRatio: number, sealedAtCelsius: number): number =>
  ((atmosphereBar - waterVapourBar(sealedAtCelsius)) * headspaceRatio) /
  (gasConstant * kelvin(sealedAtCelsius));

/**
 * Partial pressure of CO2 when a total amount shares itself between liquid and headspace: n = K0·P + P·r/(R·T) per litre.
 *
 * @param totalMoles CO2 in the bottle, mol per litre of liquid
 * @param headspaceRatio headspace over liquid volume
 * @param solubility mol/(L·atm)
 * @returns bar
 */
export const co2PartialBar = (
  totalMoles: number,
  headspaceRatio: number,
  solubility: number,
  celsius: number,
): number => totalMoles / (solubility / atmosphereBar + headspaceRatio / (gasConstant * kelvin(celsius)));

/**
 * Gauge pressure and dissolved gas of a bottle closed on air: Henry's law, the ideal gas, trapped air warmed with the
 * bottle, and water vapour.
 *
 * @param bottle ml, °C and g/L; liquidMl above 0, headspaceMl 0 or more
 * @param totalVolumes all the CO2 in the bottle, as volumes of the liquid, 0–30
 * @returns bar gauge and volumes; about 2 % below 5 bar (no swelling of the liquid: worse below 3 % headspace)
 * @throws RangeError without liquid
 * @source first principles; solubility as in `co2Solubility`
 * @example sealedBottleGas({ liquidMl: 480, headspaceMl: 20, celsius: 22, sealedAtCelsius: 22, sugarGramsPerLitre: 80, ethanolGramsPerLitre: 0 }, 3.1).gaugeBar // ≈ 4.0
 */
export function sealedBottleGas(bottle: SealedBottle, totalVolumes: number): BottleGas {
  if (!(bottle.liquidMl > 0) || bottle.headspaceMl < 0)
    throw new RangeError('a bottle holds liquid and no negative headspace');
  const ratio = bottle.headspaceMl / bottle.liquidMl;
  const solubility = co2Solubility(bottle.celsius, bottle.sugarGramsPerLitre, bottle.ethanolGramsPerLitre);
  const co2Bar = co2PartialBar(molesOfVolumes(totalVolumes), ratio, solubility, bottle.celsius);
  const airBar =
    ratio === 0
      ? 0
      : ((atmosphereBar - waterVapourBar(bottle.sealedAtCelsius)) * kelvin(bottle.celsius)) /
        kelvin(bottle.sealedAtCelsius);
  const gaugeBar = co2Bar + airBar + waterVapourBar(bottle.celsius) - atmosphereBar;
  return { gaugeBar, co2Bar, dissolvedVolumes: volumesOfMoles((co2Bar * solubility) / atmosphereBar) };
}
