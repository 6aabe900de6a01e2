import { nitrogenSolubility, oxygenInAir, oxygenSolubility } from './air-solubility';
import { byTemperature } from './tabulated';
import { atmosphereBar, co2SolubilityInWater, kelvin } from './co2-solubility';
import { waterDensity } from './water-density';
import { waterVapourBar } from './water-vapour';

/** Gas constant, L·bar/(mol·K) (CODATA 2018). */
export const gasConstant: number = 0.0831446;

/** Room that a mole of dissolved CO2 takes, L (Weiss 1974: 32.3 ± 0.5 cm³/mol at any temperature). */
const litresPerMole: number = 0.0323;
/** How much more a litre swells a degree for each g/L of sugar than water does (from the density of 10–15 % sucrose). */
const sugarSwells: number = 4e-7;
/** Share of the liquid below which the room left is not worked out smaller: a vessel that full has burst before. */
const leastRoom: number = 1e-4;

/** Second virial coefficient of CO2 over R·T, 1/bar (Weiss 1974, after Sengers and others). */
function co2VirialPerBar(celsius: number): number {
  const t = kelvin(celsius);
  const litres = (-1636.75 + t * (12.0408 + t * (-3.27957e-2 + t * 3.16528e-5))) / 1000;
  return litres / (gasConstant * t);
}

/** CO2 that fresh water dissolves, mol/(L·bar), and the room of a kilogram of it, L. */
function solubilityPerBar(celsius: number): number {
  return co2SolubilityInWater(celsius) / atmosphereBar;
}
function litresOfKilogram(celsius: number): number {
  return 1 / waterDensity(celsius);
}

const solubility = byTemperature(solubilityPerBar);
const virials = byTemperature(co2VirialPerBar);
const nitrogens = byTemperature(nitrogenSolubility);
const oxygens = byTemperature(oxygenSolubility);
const vapours = byTemperature(waterVapourBar);
const litres = byTemperature(litresOfKilogram);

/** What sugar and ethanol leave of CO2's solubility, 0–1. @see co2Solubility */
export function solubilityLeft(sugar: number, ethanol: number): number {
  return Math.exp(-3.8e-4 * Math.LN10 * sugar - 6e-4 * ethanol);
}

/** A closed vessel in equilibrium: pressures in bar, room as a share of the liquid as it was filled. Written, not made anew. */
export class ClosedVessel {
  co2Bar: number = 0;
  airBar: number = 0;
  gaugeBar: number = 0;
  /** Headspace left when the liquid has swollen with warmth and gas. */
  room: number = 0;
  /** Share of the CO2, of the nitrogen and of the oxygen that is dissolved, 0–1. */
  co2Dissolved: number = 1;
  nitrogenDissolved: number = 1;
  oxygenDissolved: number = 1;
}

/**
 * How the gas of a closed vessel shares itself between liquid and headspace.
 *
 * Henry's law with CO2's fugacity (second virial coefficient) and the pressure on what is dissolved; the liquid swells with
 * warmth and with the gas in it; nitrogen and oxygen dissolve too; water vapour comes on top. Two rounds of the fixed
 * point settle the pressure to 1e-3.
 *
 * @param out written
 * @param co2 nitrogen, oxygen: mol in the vessel per litre of liquid
 * @param headspaceRatio headspace over liquid when it was filled, 0.01 or more (below, glass and liquid give way first)
 * @param celsius now
 * @param filledCelsius of the liquid when it was filled
 * @param sugar g/L, 0–200
 * @param ethanol g/L, 0–80
 * @returns pressures within 1 % of the whole system of equations up to 6 bar (tested)
 * @source Weiss 1974 for CO2; Sander 2015 for air; first principles
 */
export function closeOn(
  out: ClosedVessel,
  co2: number,
  nitrogen: number,
  oxygen: number,
  headspaceRatio: number,
  celsius: number,
  filledCelsius: number,
  sugar: number,
  ethanol: number,
): void {
  const perMole = gasConstant * kelvin(celsius);
  const ideal = solubility.at(celsius) * solubilityLeft(sugar, ethanol);
  const virial = virials.at(celsius);
  const vapour = vapours.at(celsius);
  const swollen =
    litres.at(celsius) / litres.at(filledCelsius) - 1 + sugarSwells * sugar * (celsius - filledCelsius);
  const hn = nitrogens.at(celsius);
  const ho = oxygens.at(celsius);
  let room = Math.max(leastRoom, headspaceRatio - swollen);
  let bar = co2 / (ideal + room / perMole);
  room = Math.max(leastRoom, room - litresPerMole * ideal * bar);
  let gas = room / perMole;
  let air = nitrogen / (hn + gas) + oxygen / (ho + gas);
  let soluble = ideal;
  for (let round = 0; round < 2; round++) {
    // Fugacity and the pressure on the dissolved gas, both near 1: three terms of the exponential are exact to 1e-5.
    const x = virial * bar - (litresPerMole * (bar + air + vapour - atmosphereBar)) / perMole;
    soluble = ideal * (1 + x * (1 + x * (0.5 + x / 6)));
    bar = co2 / (soluble + gas / (1 + virial * bar));
    room = Math.max(leastRoom, headspaceRatio - swollen - litresPerMole * soluble * bar);
    gas = room / perMole;
    air = nitrogen / (hn + gas) + oxygen / (ho + gas);
  }
  out.room = room;
  out.co2Bar = bar;
  out.airBar = air;
  out.gaugeBar = bar + air + vapour - atmosphereBar;
  out.co2Dissolved = co2 > 0 ? Math.min(1, (soluble * bar) / co2) : soluble / (soluble + gas);
  out.nitrogenDissolved = hn / (hn + gas);
  out.oxygenDissolved = ho / (ho + gas);
}

/** Partial pressure of dry air when a vessel is closed on it, bar. */
function dryAirBar(celsius: number): number {
  return atmosphereBar - vapours.at(celsius);
}

/** Mol of nitrogen and oxygen per litre of liquid. */
export class ShutInAir {
  nitrogen: number = 0;
  oxygen: number = 0;
}

/**
 * Air shut in with a liquid: what is in the headspace, and what the liquid holds.
 *
 * @param aired share of the air that it would hold after standing in it, 0–1: a bubbling ferment is stripped of nearly all
 * @returns mol of nitrogen and oxygen per litre of liquid
 */
export function airShutIn(headspaceRatio: number, sealedAtCelsius: number, aired: f64 = 1): ShutInAir {
  const gas = headspaceRatio / (gasConstant * kelvin(sealedAtCelsius));
  const bar = dryAirBar(sealedAtCelsius);
  const air = new ShutInAir();
  air.nitrogen = bar * (1 - oxygenInAir) * (gas + aired * nitrogens.at(sealedAtCelsius));
  air.oxygen = bar * oxygenInAir * (gas + aired * oxygens.at(sealedAtCelsius));
  return air;
}
