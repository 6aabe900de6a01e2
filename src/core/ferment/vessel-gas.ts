import { atmosphereBar, co2Solubility, gramsPerVolume, kelvin } from '../gas/co2-solubility';
import { co2PartialBar, gasConstant, trappedAirMoles } from '../gas/sealed-bottle';
import { waterVapourBar } from '../gas/water-vapour';
import { molar } from '../sugar/yields';
import { slots } from './state';

const { CO2, ESCAPED, ETHANOL, FRUCTOSE, GLUCOSE, NITROGEN, OXYGEN, SUCROSE } = slots;

/** Share of oxygen in dry air. */
const oxygenInAir = 0.2095;

const sugarIn = (y: Float64Array) => y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!;

/** Solubility of CO2 in the liquid as it is, mol/(L·atm). */
export const solubilityIn = (y: Float64Array, celsius: number): number =>
  co2Solubility(celsius, sugarIn(y), y[ETHANOL]!);

/** Share of a sealed vessel's CO2 that is dissolved, 0–1; `headspaceRatio` is headspace over liquid. */
export function dissolvedShare(y: Float64Array, headspaceRatio: number, celsius: number): number {
  if (headspaceRatio === 0) return 1;
  const inLiquid = solubilityIn(y, celsius) / atmosphereBar;
  return inLiquid / (inLiquid + headspaceRatio / (gasConstant * kelvin(celsius)));
}

/** CO2 that water keeps under one atmosphere of pure CO2, g/L. */
export const saturationOf = (y: Float64Array, celsius: number): number =>
  solubilityIn(y, celsius) * molar.co2;

/** Gauge pressure of a sealed vessel, bar. */
export function gaugeBarOf(y: Float64Array, headspaceRatio: number, celsius: number): number {
  const co2 = co2PartialBar(y[CO2]! / molar.co2, headspaceRatio, solubilityIn(y, celsius), celsius);
  return co2 + airBarOf(y, headspaceRatio, celsius) + waterVapourBar(celsius) - atmosphereBar;
}

const airBarOf = (y: Float64Array, headspaceRatio: number, celsius: number): number =>
  headspaceRatio === 0 ? 0 : ((y[NITROGEN]! + y[OXYGEN]!) * gasConstant * kelvin(celsius)) / headspaceRatio;

/** CO2 dissolved in the liquid, volumes. */
export const dissolvedVolumesOf = (y: Float64Array, share: number): number =>
  (y[CO2]! * share) / gramsPerVolume;

/** Shuts a vessel on ordinary air. */
export function trapAir(y: Float64Array, headspaceRatio: number, sealedAtCelsius: number): void {
  const moles = trappedAirMoles(headspaceRatio, sealedAtCelsius);
  y[OXYGEN] = moles * oxygenInAir;
  y[NITROGEN] = moles * (1 - oxygenInAir);
}

/** Leaves the headspace behind: a transfer takes only what is dissolved. */
export function leaveHeadspace(y: Float64Array, share: number): void {
  const lost = y[CO2]! * (1 - share);
  y[CO2] = y[CO2]! - lost;
  y[ESCAPED] = y[ESCAPED]! + lost;
  y[OXYGEN] = 0;
  y[NITROGEN] = 0;
}

/** A quick burp: the headspace falls to the pressure outside with its composition kept, and is closed at once. */
export function burp(y: Float64Array, headspaceRatio: number, celsius: number): void {
  const dry = gaugeBarOf(y, headspaceRatio, celsius) + atmosphereBar - waterVapourBar(celsius);
  const keep = (atmosphereBar - waterVapourBar(celsius)) / dry;
  if (keep >= 1 || headspaceRatio === 0) return;
  release(y, dissolvedShare(y, headspaceRatio, celsius), 1 - keep);
}

/** Lets a share of the headspace gas out. */
export function release(y: Float64Array, share: number, part: number): void {
  const lost = y[CO2]! * (1 - share) * part;
  y[CO2] = y[CO2]! - lost;
  y[ESCAPED] = y[ESCAPED]! + lost;
  y[OXYGEN] = y[OXYGEN]! * (1 - part);
  y[NITROGEN] = y[NITROGEN]! * (1 - part);
}
