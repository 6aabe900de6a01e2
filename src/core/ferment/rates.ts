import {
  carbonIn,
  co2PerHexose,
  ethanolPerHexose,
  hexosePerSucrose,
  molar,
  practicalShare,
} from '../sugar/yields';
import type { Conditions } from './conditions';
import { slots } from './state';

const {
  ACETIC,
  ACETICS,
  CO2,
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
  acetics: { growth: 0.2, uptake: 3, half: 2, capacity: 0.4 },
  gasHalfGrowth: 12,
  gasHalfFerment: 45,
  /** Loss of supersaturation from an unsealed vessel, per hour. */
  degassing: 1.5,
  /** Oxygen taken by a gram of live yeast, share per hour. */
  oxygenTaking: 4,
} as const;

const { yeast: ky, lactics: kl, acetics: ka } = kinetics;
const { gasHalfGrowth, gasHalfFerment, degassing, oxygenTaking } = kinetics;
const splitYield = hexosePerSucrose;

/** Grams of hexose whose carbon makes a gram of cells. */
const hexosePerCell = carbonIn.biomass / carbonIn.hexose;
const co2Yield = co2PerHexose * practicalShare.co2;
const ethanolYield = ethanolPerHexose * practicalShare.ethanol;
/** The carbon that is neither gas nor alcohol nor cells leaves as glycerol. */
const glycerolYield =
  (carbonIn.hexose - co2Yield * carbonIn.co2 - ethanolYield * carbonIn.ethanol) / carbonIn.glycerol;

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
  const room = yeast < c.yeastCapacity ? 1 - yeast / c.yeastCapacity : 0;
  const growing = (ky.growth * room) / (1 + dissolved / gasHalfGrowth);
  const taking = (growing / ky.yieldOnSugar + ky.upkeep / (1 + dissolved / gasHalfFerment)) * pace;

  const lacticReady = y[LACTICS_READY]! / (1 + y[LACTICS_READY]!);
  const lacticPace = c.vigour * c.lacticHeat * c.lacticEase * lacticReady * lactics;
  const lacticTaking = (kl.uptake * lacticPace) / (kl.half + glucose + fructose + sucrose);
  const lacticRoom = lactics < c.lacticCapacity ? 1 - lactics / c.lacticCapacity : 0;
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
  const newLactics = kl.growth * lacticRoom * (lacticSugar / kl.uptake);
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
  dy[YEAST_READY] = readying(y[YEAST_READY]!, ky.growth * c.yeastHeat * c.vigour);
  dy[LACTICS_READY] = readying(y[LACTICS_READY]!, kl.growth * c.lacticHeat * c.vigour);
  dy[NITROGEN] = 0;
  dy[OXYGEN] = -Math.min(oxygenTaking * pace, 1 / step) * y[OXYGEN]!;
  vinegar(y, dy, c, step);
  if (c.starving > 0) keep(y, dy, c, glucose + fructose + sucrose, step);
  degas(y, dy, c, step);
}

/** Baranyi's adaptation grows without bound in theory; past a million it means "ready" and need not grow on. */
const readying = (q: number, rate: number): number => (q < 1e6 ? rate * q : 0);

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
  dy[ETHANOL] = dy[ETHANOL]! - Math.min(c.airing, 0.5 / step) * y[ETHANOL]!;
}

/** Share of a demand (g/L/h) that the stock (g/L) can meet within the step, 0–1. */
function limited(demand: number, stock: number, step: number): number {
  return demand * step > stock ? stock / (demand * step) : 1;
}

/** Acetic bacteria turn ethanol to vinegar, only with air. */
function vinegar(y: Float64Array, dy: Float64Array, c: Conditions, step: number): void {
  const acetics = y[ACETICS]!;
  if (c.air === 0 || acetics === 0) {
    dy[ACETICS] = 0;
    dy[ACETIC] = 0;
    return;
  }
  const { growth, uptake, half, capacity } = ka;
  const ethanol = y[ETHANOL]!;
  const pace = (c.air * c.aceticHeat * acetics * ethanol) / (half + ethanol);
  const taken = Math.min(uptake * pace, ethanol / step);
  const cells = Math.min(growth * pace * Math.max(0, 1 - acetics / capacity), taken / ethanolPerCell / 2);
  dy[ACETICS] = cells;
  dy[ETHANOL] = dy[ETHANOL]! - taken;
  dy[ACETIC] = (taken - cells * ethanolPerCell) * aceticPerEthanol;
}

/** An unsealed vessel lets go of what is above saturation. */
function degas(y: Float64Array, dy: Float64Array, c: Conditions, step: number): void {
  const above = y[CO2]! - c.saturation;
  const lost = above > 0 ? above * Math.min(degassing, 1 / step) : 0;
  dy[CO2] = dy[CO2]! - lost;
  dy[ESCAPED] = lost;
}
