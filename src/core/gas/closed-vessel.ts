import { nitrogenSolubility, oxygenInAir, oxygenSolubility } from './air-solubility';
import { byTemperature } from './tabulated';
import { atmosphereBar, co2SolubilityInWater, kelvin } from './co2-solubility';
import { waterDensity } from './water-density';
import { waterVapourBar } from './water-vapour';

/** Gas constant, L·bar/(mol·K) (CODATA 2018). */
export const gasConstant = 0.0831446;

/** Room that a mole of dissolved CO2 takes, L (Weiss 1974: 32.3 ± 0.5 cm³/mol at any temperature). */
const litresPerMole = 0.0323;
/** How much more a litre swells a degree for each g/L of sugar than water does (from the density of 10–15 % sucrose). */
const sugarSwells = 4e-7;
/** Share of the liquid below which the room left is not reckoned smaller: a vessel that full has burst before. */
const leastRoom = 1e-4;

/** Second virial coefficient of CO2 over R·T, 1/bar (Weiss 1974, after Sengers and others). */
function co2VirialPerBar(celsius: number): number {
  const t = kelvin(celsius);
  const litres = (-1636.75 + t * (12.0408 + t * (-3.27957e-2 + t * 3.16528e-5))) / 1000;
  return litres / (gasConstant * t);
}

const solubilityAt = byTemperature((celsius) => co2SolubilityInWater(celsius) / atmosphereBar);
const virialAt = byTemperature(co2VirialPerBar);
const nitrogenAt = byTemperature(nitrogenSolubility);
const oxygenAt = byTemperature(oxygenSolubility);
const vapourAt = byTemperature(waterVapourBar);
const litresOfKilogram = byTemperature((celsius) => 1 / waterDensity(celsius));

/** What sugar and ethanol leave of CO2's solubility, 0–1. @see co2Solubility */
export const solubilityLeft = (sugar: number, ethanol: number): number =>
  Math.exp(-3.8e-4 * Math.LN10 * sugar - 6e-4 * ethanol);

/** A closed vessel in equilibrium: pressures in bar, room as a share of the liquid as it was filled. Written, not made anew. */
export interface ClosedVessel {
  co2Bar: number;
  airBar: number;
  gaugeBar: number;
  /** Headspace left when the liquid has swollen with warmth and gas. */
  room: number;
  /** Share of the CO2, of the nitrogen and of the oxygen that is dissolved, 0–1. */
  co2Dissolved: number;
  nitrogenDissolved: number;
  oxygenDissolved: number;
}

export const freshClosedVessel = (): ClosedVessel => ({
  co2Bar: 0,
  airBar: 0,
  gaugeBar: 0,
  room: 0,
  co2Dissolved: 1,
  nitrogenDissolved: 1,
  oxygenDissolved: 1,
});

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
  const ideal = solubilityAt(celsius) * solubilityLeft(sugar, ethanol);
  const virial = virialAt(celsius);
  const vapour = vapourAt(celsius);
  const swollen =
    litresOfKilogram(celsius) / litresOfKilogram(filledCelsius) -
    1 +
    sugarSwells * sugar * (celsius - filledCelsius);
  const hn = nitrogenAt(celsius);
  const ho = oxygenAt(celsius);
  let room = Math.max(leastRoom, headspaceRatio - swollen);
  let bar = co2 / (ideal + room / perMole);
  room = Math.max(leastRoom, room - litresPerMole * ideal * bar);
  let gas = room / perMole;
  let air = nitrogen / (hn + gas) + oxygen / (ho + gas);
  let solubility = ideal;
  for (let round = 0; round < 2; round++) {
    // Fugacity and the pressure on the dissolved gas, both near 1: three terms of the exponential are exact to 1e-5.
    const x = virial * bar - (litresPerMole * (bar + air + vapour - atmosphereBar)) / perMole;
    solubility = ideal * (1 + x * (1 + x * (0.5 + x / 6)));
    bar = co2 / (solubility + gas / (1 + virial * bar));
    room = Math.max(leastRoom, headspaceRatio - swollen - litresPerMole * solubility * bar);
    gas = room / perMole;
    air = nitrogen / (hn + gas) + oxygen / (ho + gas);
  }
  out.room = room;
  out.co2Bar = bar;
  out.airBar = air;
  out.gaugeBar = bar + air + vapour - atmosphereBar;
  out.co2Dissolved = co2 > 0 ? Math.min(1, (solubility * bar) / co2) : solubility / (solubility + gas);
  out.nitrogenDissolved = hn / (hn + gas);
  out.oxygenDissolved = ho / (ho + gas);
}

/** Partial pressure of dry air when a vessel is closed on it, bar. */
const dryAirBar = (celsius: number) => atmosphereBar - vapourAt(celsius);

/**
 * Air shut in with a liquid that has stood in it: what is in the headspace, and what the liquid holds.
 *
 * @returns mol of nitrogen and oxygen per litre of liquid
 */
export function airShutIn(
  headspaceRatio: number,
  sealedAtCelsius: number,
): { readonly nitrogen: number; readonly oxygen: number } {
  const gas = headspaceRatio / (gasConstant * kelvin(sealedAtCelsius));
  const bar = dryAirBar(sealedAtCelsius);
  return {
    nitrogen: bar * (1 - oxygenInAir) * (gas + nitrogenAt(sealedAtCelsius)),
    oxygen: bar * oxygenInAir * (gas + oxygenAt(sealedAtCelsius)),
  };
}
