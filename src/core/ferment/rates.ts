import {
  carbonIn,
  co2PerHexose,
  ethanolPerHexose,
  hexosePerSucrose,
  molar,
} from '../sugar/yields';
import type { Conditions } from './conditions';
import { slots } from './state';

const {
  ACETIC,
  ACETICS,
  CO2,
  DEAD,
  ESCAPED,
  ETHANOL,
  FRUCTOSE,
  GLUCOSE,
  GLYCEROL,
  LACTIC,
  LACTICS,
  LACTICS_READY,
  NITROGEN,
  OXYGEN,
  SUCROSE,
  YEAST,
  YEAST_READY,
} = slots;

/** Kinetic constants that reproduced household practice; per hour at the best temperature. */
export const kinetics = {
  yeast: {
    growth: 0.3,
    yieldOnSugar: 0.12,
    upkeep: 1.05,
    inversion: 6,
    inversionHalf: 8.6,
    glucoseHalf: 0.6,
    fructoseHalf: 1.2,
    sucroseHalf: 4,
  },
  lactics: { growth: 0.3, uptake: 1.9, half: 4, inversion: 2 },
  acetics: { uptake: 3, half: 2, capacity: 0.4, cellsPerEthanol: 0.067, pellicleHalf: 0.1 },
  gasHalfGrowth: 12,
  gasHalfFerment: 45,
  /** Loss of supersaturation from an unsealed vessel, per hour. */
  degassing: 1.5,
  /** Oxygen taken by a gram of live yeast, share per hour. */
  oxygenTaking: 4,
} as const;

const { yeast: ky, lactics: kl, acetics: ka } = kinetics;
const { degassing, oxygenTaking } = kinetics;
const splitYield = hexosePerSucrose;

/** Grams of hexose whose carbon makes a gram of cells. */
const hexosePerCell = carbonIn.biomass / carbonIn.hexose;
/** Glycerol made of a gram of hexose that is burnt and not built into cells: 3–4 % (wine and beer analyses). */
const glycerolYield = 0.035;
/** What carbon is left goes to gas and alcohol, two of alcohol to one of gas. */
const burntShare = 1 - (glycerolYield * carbonIn.glycerol) / carbonIn.hexose;
const co2Yield = co2PerHexose * burntShare;
const ethanolYield = ethanolPerHexose * burntShare;

const hetero = {
  lactic: molar.lactic / molar.hexose,
  ethanol: molar.ethanol / molar.hexose,
  co2: molar.co2 / molar.hexose,
};
const aceticPerEthanol = molar.acetic / molar.ethanol;
const ethanolPerCell = carbonIn.biomass / carbonIn.ethanol;

/**
 * Rates of change of one jar or bottle, g/(L·h).
 *
 * Yeast and lactic bacteria split sucrose and share glucose and fructose; growth needs nutrients, and slows with acid,
 * ethanol and dissolved CO2. No rate takes more than is there within `step`, so that an explicit integrator keeps every mass
 * positive at any step (a sugar runs out without stiffness). Carbon in equals carbon out term by term.
 *
 * @param y state (see state.ts), not changed
 * @param dy rates, written
 * @param c conditions during the step
 * @param step hours the integrator is about to take, above 0
 */
export function rates(y: Float64Array, dy: Float64Array, c: Conditions, step: number): void {
  const sucrose = y[SUCROSE]!;
  const glucose = y[GLUCOSE]!;
  const fructose = y[FRUCTOSE]!;
  const yeast = y[YEAST]!;
  const lactics = y[LACTICS]!;
  const dissolved = y[CO2]! * c.dissolvedShare;

  // Competition for three sugars: glucose goes first; sucrose is split in the cell wall, so that a few cells never starve.
  const pull = 1 + glucose / ky.glucoseHalf + fructose / ky.fructoseHalf + sucrose / ky.sucroseHalf;
  const onGlucose = glucose / ky.glucoseHalf / pull;
  const onFructose = fructose / ky.fructoseHalf / pull;
  const onSucrose = sucrose / ky.sucroseHalf / pull;
  const ready = y[YEAST_READY]! / (1 + y[YEAST_READY]!);
  const pace = c.vigour * c.yeastHeat * c.yeastEase * ready * yeast;
  const growing = (ky.growth * c.growth * roomFor(yeast, c.yeastCapacity, c.shape)) / (1 + dissolved / c.gasHalfGrowth);
  const taking = (growing / ky.yieldOnSugar + ky.upkeep / (1 + dissolved / c.gasHalfFerment)) * pace;

  const lacticReady = y[LACTICS_READY]! / (1 + y[LACTICS_READY]!);
  const lacticPace = c.vigour * c.lacticHeat * c.lacticEase * lacticReady * lactics;
  const lacticTaking = (kl.uptake * lacticPace) / (kl.half + glucose + fructose + sucrose);
  const lacticRoom = roomFor(lactics, c.lacticCapacity, c.shape);
  const splitting =
    (c.vigour * (ky.inversion * c.yeastHeat * yeast + kl.inversion * c.lacticHeat * lactics) * sucrose) /
    (ky.inversionHalf + sucrose);

  const fromGlucose = limited(taking * onGlucose + lacticTaking * glucose, glucose, step);
  const fromFructose = limited(taking * onFructose + lacticTaking * fructose, fructose, step);
  const direct = (taking * onSucrose + lacticTaking * sucrose) / splitYield;
  const fromSucrose = limited(splitting + direct, sucrose, step);
  const yeastShare = onGlucose * fromGlucose + onFructose * fromFructose + onSucrose * fromSucrose;
  const lacticShare = glucose * fromGlucose + fructose * fromFructose + sucrose * fromSucrose;
  const yeastSugar = taking * yeastShare;
  const lacticSugar = lacticTaking * lacticShare;
  const newYeast = growing * pace * yeastShare;
  const newLactics = kl.growth * c.growth * lacticRoom * (lacticSugar / kl.uptake);
  const burnt = yeastSugar - newYeast * hexosePerCell;
  const soured = lacticSugar - newLactics * hexosePerCell;
  const halfSplit = (splitting * fromSucrose * splitYield) / 2;

  dy[SUCROSE] = -(splitting + direct) * fromSucrose;
  dy[GLUCOSE] = halfSplit - (taking * onGlucose + lacticTaking * glucose) * fromGlucose;
  dy[FRUCTOSE] = halfSplit - (taking * onFructose + lacticTaking * fructose) * fromFructose;
  dy[YEAST] = newYeast;
  dy[LACTICS] = newLactics;
  dy[GLYCEROL] = burnt * glycerolYield;
  dy[LACTIC] = soured * (c.heterolactic * hetero.lactic + (1 - c.heterolactic));
  dy[ETHANOL] = burnt * ethanolYield + soured * c.heterolactic * hetero.ethanol;
  dy[CO2] = burnt * co2Yield + soured * c.heterolactic * hetero.co2;
  dy[YEAST_READY] = readying(y[YEAST_READY]!, ky.growth * c.yeastHeat * c.vigour, c.fallingAsleep, step);
  dy[LACTICS_READY] = readying(
    y[LACTICS_READY]!,
    kl.growth * c.lacticHeat * c.vigour,
    c.fallingAsleep,
    step,
  );
  dy[DEAD] = 0;
  dy[NITROGEN] = 0;
  dy[OXYGEN] = -Math.min(oxygenTaking * pace, 1 / step) * y[OXYGEN]!;
  vinegar(y, dy, c, step);
  if (c.alcoholLost > 0) dy[ETHANOL] = dy[ETHANOL]! - Math.min(c.alcoholLost, 0.3 / step) * y[ETHANOL]!;
  if (c.starving > 0) keep(y, dy, c, glucose + fructose + sucrose, step);
  die(y, dy, YEAST, c.yeastDying, step);
  die(y, dy, LACTICS, c.lacticDying, step);
  die(y, dy, ACETICS, c.aceticDying, step);
  degas(y, dy, c, step);
}

/** Share of its pace that growth keeps when `cells` of what the nutrients allow are there: 1 alone, 0 when full. */
function roomFor(cells: number, capacity: number, shape: number): number {
  const full = cells / capacity;
  return full < 1 ? (1 - full) / (1 + shape * full) : 0;
}

/** Baranyi's adaptation grows without bound in theory; a hundred is ready for good, and from there sleep can set in. */
const ready = 100;
/** Below this it means "asleep" and falls no further: what lives still wakes. */
const asleep = 1e-3;

const readying = (q: number, rate: number, fallingAsleep: number, step: number): number => {
  const waking = q < ready ? rate * q * (1 - q / ready) : 0;
  return q > asleep ? waking - Math.min(fallingAsleep, 0.5 / step) * q : waking;
};

/** Cells that die stay as dead matter. */
function die(y: Float64Array, dy: Float64Array, cells: number, rate: number, step: number): void {
  if (rate === 0) return;
  const dying = Math.min(rate, 0.5 / step) * y[cells]!;
  dy[cells] = dy[cells]! - dying;
  dy[DEAD] = dy[DEAD]! + dying;
}

/** Sugar at which a kept jar is half hungry, g/L, and the readiness beyond which it cannot get readier. Practice. */
const hungryBelow = 0.6;
const readiest = 10;

/** A jar that is kept: its cells tire without sugar and wake with it; its cloth lets alcohol go. */
function keep(y: Float64Array, dy: Float64Array, c: Conditions, sugar: number, step: number): void {
  const hungry = hungryBelow / (hungryBelow + sugar);
  const full = Math.max(0, 1 - y[YEAST_READY]! / readiest);
  dy[YEAST_READY] =
    dy[YEAST_READY]! * full * (1 - hungry) -
    Math.min(c.starving * c.yeastHeat * hungry, 0.5 / step) * y[YEAST_READY]!;
  dy[LACTICS_READY] = dy[YEAST_READY]!;
  die(y, dy, YEAST, c.hungerDying * hungry, step);
  die(y, dy, LACTICS, c.hungerDying * hungry, step);
}

/** Share of a demand (g/L/h) that the stock (g/L) can meet within the step, 0–1. */
function limited(demand: number, stock: number, step: number): number {
  return demand * step > stock ? stock / (demand * step) : 1;
}

/** Acetic bacteria turn ethanol to vinegar, as fast as oxygen comes through the surface; a pellicle lies where the air is. */
function vinegar(y: Float64Array, dy: Float64Array, c: Conditions, step: number): void {
  const acetics = y[ACETICS]!;
  if (c.airing === 0 || acetics === 0) {
    dy[ACETICS] = 0;
    dy[ACETIC] = 0;
    return;
  }
  const { uptake, half, capacity, cellsPerEthanol, pellicleHalf } = ka;
  const ethanol = y[ETHANOL]!;
  const able = (uptake * c.aceticHeat * acetics * ethanol) / (half + ethanol);
  const aired = (c.airing + (c.pellicle * acetics) / (pellicleHalf + acetics)) / aceticPerEthanol;
  const taken = Math.min((able * aired) / (able + aired + 1e-12), ethanol / step);
  const cells = acetics < capacity ? cellsPerEthanol * taken * (1 - acetics / capacity) : 0;
  dy[ACETICS] = cells;
  dy[ETHANOL] = dy[ETHANOL]! - taken;
  dy[ACETIC] = (taken - cells * ethanolPerCell) * aceticPerEthanol;
}

/** An unsealed vessel lets go of what is above saturation, in bubbles; through an open surface the rest follows, slowly. */
function degas(y: Float64Array, dy: Float64Array, c: Conditions, step: number): void {
  const above = y[CO2]! - c.saturation;
  const rest = y[CO2]! - c.restInAir;
  const lost =
    (above > 0 ? above * Math.min(degassing, 0.8 / step) : 0) +
    (rest > 0 ? rest * Math.min(c.exchange, 0.2 / step) : 0);
  dy[CO2] = dy[CO2]! - lost;
  dy[ESCAPED] = lost;
}
