import { carbonIn, molar } from '../../sugar/yields';
import { Conditions } from '../state/conditions';
import { aceticKinetics, gasKinetics, hungerKinetics } from '../relations/kinetics';
import { slots } from '../state/state';

const ACETIC: i32 = slots.ACETIC;
const ACETICS: i32 = slots.ACETICS;
const CO2: i32 = slots.CO2;
const DEAD: i32 = slots.DEAD;
const ESCAPED: i32 = slots.ESCAPED;
const ETHANOL: i32 = slots.ETHANOL;
const FRUCTOSE: i32 = slots.FRUCTOSE;
const GLUCONIC: i32 = slots.GLUCONIC;
const GLUCOSE: i32 = slots.GLUCOSE;
const LACTICS: i32 = slots.LACTICS;
const LACTICS_READY: i32 = slots.LACTICS_READY;
const OXYGEN: i32 = slots.OXYGEN;
const SUCROSE: i32 = slots.SUCROSE;
const YEAST: i32 = slots.YEAST;
const YEAST_READY: i32 = slots.YEAST_READY;

const uptake: number = aceticKinetics.uptake;
const half: number = aceticKinetics.half;
const capacity: number = aceticKinetics.capacity;
const cellsPerEthanol: number = aceticKinetics.cellsPerEthanol;
const pellicleHalf: number = aceticKinetics.pellicleHalf;
const gluconicMade: number = aceticKinetics.gluconic;
const gluconicHalf: number = aceticKinetics.gluconicHalf;
const glucosePerGluconic: number = molar.hexose / molar.gluconic;
const degassing: number = gasKinetics.degassing;
const oxygenTaking: number = gasKinetics.oxygenTaking;
const hungryBelow: number = hungerKinetics.hungryBelow;
const readiest: number = hungerKinetics.readiest;
const aceticPerEthanol: number = molar.acetic / molar.ethanol;
const ethanolPerCell: number = carbonIn.biomass / carbonIn.ethanol;

/**
 * What a step does to a ferment besides eating: vinegar, evaporation, hunger, heat, the oxygen shut in, and gas that goes.
 * Each is taken at its exact course over the step, with what cells ate within it already there.
 *
 * @param y state, changed in place
 * @param gasMade CO2 that came within the step, g/L, already in the state
 * @param step hours
 */
export function weather(y: Float64Array, c: Conditions, gasMade: number, step: number): void {
  if (c.airing > 0 && y[ACETICS]! > 0) turnToVinegar(y, c, step);
  if (c.alcoholLost > 0) y[ETHANOL] = y[ETHANOL]! * Math.exp(-c.alcoholLost * step);
  if (c.starving > 0) starve(y, c, step);
  if (c.yeastDying > 0) {
    die(y, YEAST, c.yeastDying, step);
    die(y, LACTICS, c.lacticDying, step);
    die(y, ACETICS, c.aceticDying, step);
  }
  if (y[OXYGEN]! > 0) breathe(y, c, step);
  if (c.saturation !== Infinity) degas(y, c, gasMade, step);
}

/** Acetic bacteria turn ethanol to vinegar, and some glucose to gluconic acid, as fast as oxygen comes through the surface; a pellicle lies where the air is. */
function turnToVinegar(y: Float64Array, c: Conditions, step: number): void {
  const acetics = y[ACETICS]!;
  const ethanol = y[ETHANOL]!;
  const able = (uptake * c.aceticHeat * acetics * ethanol) / (half + ethanol);
  if (able === 0) return;
  const aired = (c.airing + (c.pellicle * acetics) / (pellicleHalf + acetics)) / aceticPerEthanol;
  const taken = Math.min((step * able * aired) / (able + aired), ethanol);
  const cells = acetics < capacity ? cellsPerEthanol * taken * (1 - acetics / capacity) : 0;
  y[ACETICS] = acetics + cells;
  y[ETHANOL] = ethanol - taken;
  const acetic = (taken - cells * ethanolPerCell) * aceticPerEthanol;
  y[ACETIC] = y[ACETIC]! + acetic;
  const glucose = y[GLUCOSE]!;
  const gluconic = Math.min(
    (gluconicMade * acetic * glucose) / (gluconicHalf + glucose),
    glucose / glucosePerGluconic,
  );
  y[GLUCONIC] = y[GLUCONIC]! + gluconic;
  y[GLUCOSE] = glucose - gluconic * glucosePerGluconic;
}

/** How hungry a kept jar is, 0–1: half at 0.6 g/L of sugar. */
export function hungerOf(y: Float64Array): number {
  return hungryBelow / (hungryBelow + y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!);
}

/** A kept jar's cells tire without sugar, and in the end die of it. */
function starve(y: Float64Array, c: Conditions, step: number): void {
  const hungry = hungerOf(y);
  const tired = Math.min(readiest, y[YEAST_READY]!) * Math.exp(-c.starving * c.yeastHeat * hungry * step);
  y[YEAST_READY] = tired;
  y[LACTICS_READY] = tired;
  die(y, YEAST, c.hungerDying * hungry, step);
  die(y, LACTICS, c.hungerDying * hungry, step);
}

/** Cells that die stay as dead matter. */
function die(y: Float64Array, cells: i32, rate: number, step: number): void {
  const live = y[cells]! * Math.exp(-rate * step);
  y[DEAD] = y[DEAD]! + y[cells]! - live;
  y[cells] = live;
}

/** Live yeast takes the oxygen that was shut in. */
function breathe(y: Float64Array, c: Conditions, step: number): void {
  const readiness = y[YEAST_READY]!;
  const pace = (c.vigour * c.yeastHeat * c.yeastEase * readiness * y[YEAST]!) / (1 + readiness);
  const left = y[OXYGEN]! * Math.exp(-oxygenTaking * pace * step);
  y[OXYGEN] = left < 1e-12 ? 0 : left;
}

/** An unsealed vessel lets go of what is above saturation, in bubbles; through an open surface the rest follows, slowly. */
function degas(y: Float64Array, c: Conditions, gasMade: number, step: number): void {
  const there = y[CO2]!;
  const before = there - gasMade;
  const made = gasMade / step;
  // A liquid poorer in gas than the air takes up a trace at most: left out.
  const inAir = Math.min(before, c.restInAir);
  const still = before < c.saturation ? towards(before, made, c.exchange, inAir, step) : before;
  // Hours of the step in which it stood above saturation, and bubbled.
  const bubbling =
    before >= c.saturation
      ? step
      : still > c.saturation
        ? (step * (still - c.saturation)) / (still - before)
        : 0;
  const fast = degassing + c.exchange;
  const rest = (degassing * c.saturation + c.exchange * inAir) / fast;
  const after =
    bubbling > 0 ? towards(Math.max(before, c.saturation), made, fast, rest, bubbling) : Math.max(0, still);
  y[CO2] = after;
  y[ESCAPED] = y[ESCAPED]! + there - after;
}

/** Where a level comes to that rises by `made` an hour and is drawn to `rest` at a rate. */
function towards(level: number, made: number, rate: number, rest: number, hours: number): number {
  if (rate === 0) return level + made * hours;
  const end = rest + made / rate;
  return end + (level - end) * Math.exp(-rate * hours);
}
