import { co2OfAirBar } from '../../gas/air-solubility';
import { airShutIn, closeOn, ClosedVessel, solubilityLeft } from '../../gas/closed-vessel';
import { byTemperature } from '../../gas/tabulated';
import { atmosphereBar, co2SolubilityInWater, gramsPerVolume } from '../../gas/co2-solubility';
import { waterVapourBar } from '../../gas/water-vapour';
import { molar } from '../../sugar/yields';
import { Filling } from '../state/ferment-state';
import { slots } from '../state/state';
import { lose, release } from './step';

const { CO2, ESCAPED, ETHANOL, FRUCTOSE, GLUCOSE, NITROGEN, OXYGEN, SUCROSE } = slots;

type Rows = Float64Array | Float32Array;

const inWater = byTemperature(co2SolubilityInWater);

/** How the gas of a row stands in its closed vessel at a temperature; `out` is written. `at` is the row's first number. */
export function closeRow(
  out: ClosedVessel,
  y: Rows,
  at: number,
  { headspaceRatio, filledCelsius }: Filling,
  celsius: number,
): ClosedVessel {
  const sugar = y[at + SUCROSE]! + y[at + GLUCOSE]! + y[at + FRUCTOSE]!;
  closeOn(
    out,
    y[at + CO2]! / molar.co2,
    y[at + NITROGEN]!,
    y[at + OXYGEN]!,
    headspaceRatio,
    celsius,
    filledCelsius,
    sugar,
    y[at + ETHANOL]!,
  );
  return out;
}

const scratch = new ClosedVessel();

/** Share of a sealed vessel's CO2 that is dissolved, 0–1. */
export const dissolvedShare = (y: Rows, filling: Filling, celsius: number, at = 0): number =>
  filling.headspaceRatio === 0 ? 1 : closeRow(scratch, y, at, filling, celsius).co2Dissolved;

/** CO2 that the liquid keeps in a kitchen's air, g/L. */
export const restInAirOf = (y: Rows, celsius: number): number =>
  (inWater.at(celsius) *
    solubilityLeft(y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!, y[ETHANOL]!) *
    molar.co2 *
    co2OfAirBar) /
  atmosphereBar;

/** Gauge pressure of a sealed vessel, bar. */
export const gaugeBarOf = (y: Rows, filling: Filling, celsius: number, at = 0): number =>
  closeRow(scratch, y, at, filling, celsius).gaugeBar;

/** CO2 dissolved in the liquid, volumes. */
export const dissolvedVolumesOf = (y: Rows, share: number): number => (y[CO2]! * share) / gramsPerVolume;

/** Volumes of gas that bubble out of a liquid before a third of its air is left: a litre of it holds a fiftieth of one (practice). */
const strips = 0.05;
/** What a pour brings back of the air that the liquid would hold (practice). */
const pouredIn = 0.125;

/** Shuts a vessel on ordinary air: a still liquid holds the air it stood in, one that has bubbled what the pour brings back. */
export function trapAir(y: Float64Array, headspaceRatio: number, sealedAtCelsius: number): void {
  const stripped = Math.exp(-y[ESCAPED]! / gramsPerVolume / strips);
  const aired = pouredIn + (1 - pouredIn) * stripped;
  const { nitrogen, oxygen } = airShutIn(headspaceRatio, sealedAtCelsius, aired);
  y[NITROGEN] = nitrogen;
  y[OXYGEN] = oxygen;
}

/** Leaves the headspace behind: a transfer takes only what is dissolved. */
export function leaveHeadspace(y: Float64Array, share: number): void {
  lose(y, y[CO2]! * (1 - share));
  y[OXYGEN] = 0;
  y[NITROGEN] = 0;
}

/** A quick burp: the headspace falls to the pressure outside with its composition kept, and is closed at once. */
export function burp(y: Float64Array, filling: Filling, celsius: number): void {
  if (filling.headspaceRatio === 0) return;
  const { gaugeBar } = closeRow(scratch, y, 0, filling, celsius);
  const outside = atmosphereBar - waterVapourBar(celsius);
  const keep = outside / (gaugeBar + outside);
  if (keep < 1) release(y, scratch, 1 - keep);
}

/** Share of the gas above what it keeps in air that a liquid loses on its way through a funnel (practice, 5–25 %). */
const lostInPouring = 0.12;
/** The same for one good stir or shake of an unsealed jar. */
const lostInStirring = 0.2;

/** Pours the liquid into another vessel. */
export const pour = (y: Float64Array, celsius: number): void =>
  lose(y, lostInPouring * Math.max(0, y[CO2]! - restInAirOf(y, celsius)));

/** Stirs an unsealed jar once. */
export const stirOnce = (y: Float64Array, celsius: number): void =>
  lose(y, lostInStirring * Math.max(0, y[CO2]! - restInAirOf(y, celsius)));
