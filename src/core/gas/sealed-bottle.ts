import { airShutIn, closeOn, ClosedVessel } from './closed-vessel';
import { molesOfVolumes, volumesOfMoles } from './co2-solubility';

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
 * Gauge pressure and dissolved gas of a bottle closed on air: how the gas shares itself between liquid and headspace
 * (`closeOn`), from plain amounts.
 *
 * @param bottle ml, °C and g/L; liquidMl above 0, headspaceMl 0 or more
 * @param totalVolumes all the CO2 in the bottle, as volumes of the liquid, 0–30
 * @returns bar gauge and volumes; within 3 % up to 6 bar from 1 % headspace on
 * @throws RangeError without liquid
 * @source first principles; solubility as in `co2Solubility`
 * @example sealedBottleGas({ liquidMl: 480, headspaceMl: 20, celsius: 22, sealedAtCelsius: 22, sugarGramsPerLitre: 80, ethanolGramsPerLitre: 0 }, 3.1).gaugeBar // ≈ 4.1
 */
export function sealedBottleGas(bottle: SealedBottle, totalVolumes: number): BottleGas {
  if (!(bottle.liquidMl > 0) || bottle.headspaceMl < 0)
    throw new RangeError('a bottle holds liquid and no negative headspace');
  const ratio = bottle.headspaceMl / bottle.liquidMl;
  const { nitrogen, oxygen } = airShutIn(ratio, bottle.sealedAtCelsius);
  const co2 = molesOfVolumes(totalVolumes);
  const { celsius, sealedAtCelsius, sugarGramsPerLitre: sugar, ethanolGramsPerLitre: ethanol } = bottle;
  const out = new ClosedVessel();
  closeOn(out, co2, nitrogen, oxygen, ratio, celsius, sealedAtCelsius, sugar, ethanol);
  return {
    gaugeBar: out.gaugeBar,
    co2Bar: out.co2Bar,
    dissolvedVolumes: volumesOfMoles(co2 * out.co2Dissolved),
  };
}
