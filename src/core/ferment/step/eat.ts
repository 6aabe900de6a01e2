import { carbonIn, co2PerHexose, ethanolPerHexose, hexosePerSucrose, molar } from '../../sugar/yields';
import { Conditions } from '../state/conditions';
import { lacticKinetics, yeastKinetics } from '../relations/kinetics';
import { slots } from '../state/state';
import { readiedBy } from '../relations/readiness';

const CO2: i32 = slots.CO2;
const ETHANOL: i32 = slots.ETHANOL;
const FRUCTOSE: i32 = slots.FRUCTOSE;
const GLUCOSE: i32 = slots.GLUCOSE;
const GLYCEROL: i32 = slots.GLYCEROL;
const LACTIC: i32 = slots.LACTIC;
const LACTICS: i32 = slots.LACTICS;
const LACTICS_READY: i32 = slots.LACTICS_READY;
const SUCROSE: i32 = slots.SUCROSE;
const YEAST: i32 = slots.YEAST;
const YEAST_READY: i32 = slots.YEAST_READY;

// Plain numbers for the inner loop: bundlers and engines look properties up each time.
const growth: number = yeastKinetics.growth;
const upkeep: number = yeastKinetics.upkeep;
const inversion: number = yeastKinetics.inversion;
const inversionHalf: number = yeastKinetics.inversionHalf;
const sugarPerGrowth: number = 1 / yeastKinetics.yieldOnSugar;
const perGlucoseHalf: number = 1 / yeastKinetics.glucoseHalf;
const perFructoseHalf: number = 1 / yeastKinetics.fructoseHalf;
const perSucroseHalf: number = 1 / yeastKinetics.sucroseHalf;
const lacticUptake: number = lacticKinetics.uptake;
const lacticHalf: number = lacticKinetics.half;
const lacticInversion: number = lacticKinetics.inversion;
const lacticGrowth: number = lacticKinetics.growth;
const lacticCells: number = lacticGrowth / lacticUptake;
const perSplitYield: number = 1 / hexosePerSucrose;
const halfSplitYield: number = hexosePerSucrose / 2;

/** Grams of hexose whose carbon makes a gram of cells. */
const hexosePerCell: number = carbonIn.biomass / carbonIn.hexose;
/** Glycerol made of a gram of hexose that is burnt and not built into cells: 3–4 % (wine and beer analyses). */
const glycerolYield: number = 0.035;
/** What carbon is left goes to gas and alcohol, two of alcohol to one of gas. */
const burntShare: number = 1 - (glycerolYield * carbonIn.glycerol) / carbonIn.hexose;
const co2Yield: number = co2PerHexose * burntShare;
const ethanolYield: number = ethanolPerHexose * burntShare;
const heteroLactic: number = molar.lactic / molar.hexose;
const heteroEthanol: number = molar.ethanol / molar.hexose;
const heteroCo2: number = molar.co2 / molar.hexose;

/** What the slopes of the first two trials and of the last weigh. */
const aSixth: number = 1 / 6;
const twoThirds: number = 2 / 3;

const dregs: number = 1e-12;

/**
 * What cells eat within a step, and what they make of it: sugars, cells, alcohol, acid, gas and readiness of a state, in place.
 *
 * Yeast and lactic bacteria split sucrose and share glucose and fructose; growth needs nutrients, and slows with acid,
 * ethanol and dissolved CO2. A third-order Runge–Kutta step of Shu and Osher: averages of Euler steps of which none takes
 * more than is there, so that every mass stays positive at any step and a sugar runs out without stiffness. Readiness is
 * taken at its exact course. Carbon in equals carbon out term by term.
 *
 * @param y state (see state.ts), g/L, replaced by the state `step` hours on
 * @param c conditions, held still
 * @param step hours, above 0; 1 keeps event times within 0.5 % of a run at 1/64 h
 * @source Monod and Baranyi forms, constants in kinetics.ts; C.-W. Shu, S. Osher, J. Comput. Phys. 77 (1988) 439–471
 */
// One function on purpose: its two dozen numbers stay in registers, which makes it three times as fast.
// eslint-disable-next-line max-lines-per-function
export function eat(y: Float64Array, c: Conditions, step: number): void {
  const s0 = y[SUCROSE]!, g0 = y[GLUCOSE]!, f0 = y[FRUCTOSE]!, x0 = y[YEAST]!, l0 = y[LACTICS]!; // prettier-ignore
  const dissolvedShare = c.dissolvedShare;
  const gasHalfGrowth = c.gasHalfGrowth;
  const gasHalfFerment = c.gasHalfFerment;
  const heterolactic = c.heterolactic;
  const shape = c.shape;
  const yeastCapacity = c.yeastCapacity;
  const lacticCapacity = c.lacticCapacity;
  const yeastRate = c.vigour * c.yeastHeat;
  const lacticRate = c.vigour * c.lacticHeat;
  const doubling = growth * c.growth * gasHalfGrowth;
  const wakes = growth * yeastRate * c.fed;
  const lacticWakes = lacticGrowth * lacticRate * c.fed;
  const gasFromSour = heterolactic * heteroCo2;
  const asleep = c.fallingAsleep;
  const half = step / 2;
  const times = Math.exp((wakes - asleep) * half);
  const lacticTimes = Math.exp((lacticWakes - asleep) * half);
  const ready = readiedBy(y[YEAST_READY]!, wakes, asleep, step, times * times);
  const readyHalf = readiedBy(y[YEAST_READY]!, wakes, asleep, half, times);
  const lacticReady = readiedBy(y[LACTICS_READY]!, lacticWakes, asleep, step, lacticTimes * lacticTimes);
  const lacticReadyHalf = readiedBy(y[LACTICS_READY]!, lacticWakes, asleep, half, lacticTimes);
  let q = y[YEAST_READY]!, p = y[LACTICS_READY]!, gas = y[CO2]! * dissolvedShare; // prettier-ignore
  let s = s0, g = g0, f = f0, x = x0, l = l0; // prettier-ignore
  // Weighted sums of the slopes so far, and of what was burnt and soured.
  let ds: f64 = 0, dg: f64 = 0, df: f64 = 0, dx: f64 = 0, dl: f64 = 0, burnt: f64 = 0, soured: f64 = 0; // prettier-ignore
  for (let stage = 0; stage < 3; stage++) {
    // Competition for three sugars: glucose goes first; sucrose is split in the cell wall, so that a few cells never starve.
    const pull = 1 / (1 + g * perGlucoseHalf + f * perFructoseHalf + s * perSucroseHalf);
    const onGlucose = g * perGlucoseHalf * pull;
    const onFructose = f * perFructoseHalf * pull;
    const onSucrose = s * perSucroseHalf * pull;
    const pace = (yeastRate * c.yeastEase * q * x) / (1 + q);
    const growing = (doubling * roomFor(x, yeastCapacity, shape)) / (gasHalfGrowth + gas);
    const taking = (growing * sugarPerGrowth + (upkeep * gasHalfFerment) / (gasHalfFerment + gas)) * pace;
    const lacticPace = (lacticRate * c.lacticEase * p * l) / (1 + p);
    const lacticTaking = (lacticUptake * lacticPace) / (lacticHalf + g + f + s);
    const splitting =
      ((inversion * yeastRate * x + lacticInversion * lacticRate * l) * s) / (inversionHalf + s);
    const wantedGlucose = taking * onGlucose + lacticTaking * g;
    const wantedFructose = taking * onFructose + lacticTaking * f;
    const wantedSucrose = splitting + (taking * onSucrose + lacticTaking * s) * perSplitYield;
    const ofGlucose = met(wantedGlucose, g, step);
    const ofFructose = met(wantedFructose, f, step);
    const ofSucrose = met(wantedSucrose, s, step);
    const toYeast = onGlucose * ofGlucose + onFructose * ofFructose + onSucrose * ofSucrose;
    const toLactics = lacticTaking * (g * ofGlucose + f * ofFructose + s * ofSucrose);
    const newYeast = growing * pace * toYeast;
    const newLactics = lacticCells * c.growth * roomFor(l, lacticCapacity, shape) * toLactics;
    const fromSplit = splitting * ofSucrose * halfSplitYield;
    const weight: f64 = stage === 2 ? twoThirds : aSixth;
    ds -= weight * wantedSucrose * ofSucrose;
    dg += weight * (fromSplit - wantedGlucose * ofGlucose);
    df += weight * (fromSplit - wantedFructose * ofFructose);
    dx += weight * newYeast;
    dl += weight * newLactics;
    burnt += weight * (taking * toYeast - newYeast * hexosePerCell);
    soured += weight * (toLactics - newLactics * hexosePerCell);
    // The next trial: a whole step after the first slope, half a step after two; then the whole.
    const reach = stage === 0 ? 6 * step : stage === 1 ? 1.5 * step : step;
    s = s0 + reach * ds;
    g = g0 + reach * dg;
    f = f0 + reach * df;
    x = x0 + reach * dx;
    l = l0 + reach * dl;
    gas = (y[CO2]! + reach * (burnt * co2Yield + soured * gasFromSour)) * dissolvedShare;
    q = stage === 0 ? ready : readyHalf;
    p = stage === 0 ? lacticReady : lacticReadyHalf;
  }
  // Dregs below a picogram are nothing; left to shrink they would become denormal numbers, a hundred times slower.
  y[SUCROSE] = s < dregs ? 0 : s;
  y[GLUCOSE] = g < dregs ? 0 : g;
  y[FRUCTOSE] = f < dregs ? 0 : f;
  y[YEAST] = x;
  y[LACTICS] = l;
  y[YEAST_READY] = ready;
  y[LACTICS_READY] = lacticReady;
  y[GLYCEROL] = y[GLYCEROL]! + step * burnt * glycerolYield;
  y[LACTIC] = y[LACTIC]! + step * soured * (heterolactic * heteroLactic + 1 - heterolactic);
  y[ETHANOL] = y[ETHANOL]! + step * (burnt * ethanolYield + soured * heterolactic * heteroEthanol);
  y[CO2] = y[CO2]! + step * (burnt * co2Yield + soured * gasFromSour);
}

/** Share of its pace that growth keeps when so many of the cells are there that nutrients allow: 1 alone, 0 when full. */
function roomFor(cells: number, capacity: number, shape: number): number {
  return cells < capacity ? (capacity - cells) / (capacity + shape * cells) : 0;
}

/** Share of a demand (g/L/h) that the stock (g/L) can meet within the step, 0–1. */
function met(demand: number, stock: number, step: number): number {
  return demand * step > stock ? stock / (demand * step) : 1;
}
