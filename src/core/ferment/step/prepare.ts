import { co2OfAirBar } from '../../gas/air-solubility';
import { gasConstant, solubilityLeft } from '../../gas/closed-vessel';
import { atmosphereBar, kelvin } from '../../gas/co2-solubility';
import { Table } from '../../gas/tabulated';
import { molar } from '../../sugar/yields';
import { acidity } from '../relations/acid-balance';
import { cardinal, coldBelow, coldPace } from '../relations/cardinal-temperature';
import { dyingOfHeat, fallingAsleepAt, harmlessBelow, heatDeath } from '../relations/heat-death';
import { FermentState } from '../state/ferment-state';
import { slots } from '../state/state';
import { driftOf, swingOfDay } from './straying';
import { hungerOf } from './weather';
import { atPlace, columns, inTheCold, placeOf } from '../relations/warmth';

const ACETIC: i32 = slots.ACETIC;
const CO2: i32 = slots.CO2;
const ETHANOL: i32 = slots.ETHANOL;
const FRUCTOSE: i32 = slots.FRUCTOSE;
const GLUCONIC: i32 = slots.GLUCONIC;
const GLUCOSE: i32 = slots.GLUCOSE;
const LACTIC: i32 = slots.LACTIC;
const SUCROSE: i32 = slots.SUCROSE;

/** CO2 of plain water standing in air, mol/L. */
export const co2OfAir: number = 1.3e-5;

/** Below this a place counts as a fridge, with the fridge's own uncertainty, °C. */
const fridgeBelow: number = 8;
/** Above this a place swings with the day, °C. */
const kitchenAbove: number = 12;
/** Coldest a fridge gets before a drink freezes, °C. */
const coldestFridge: number = 0;

/** True temperature of the liquid: a fridge is seldom at what is written; a kitchen drifts and swings with the day. */
function trueCelsius(run: FermentState): number {
  const celsius = run.placeCelsius;
  const member = run.member;
  if (celsius <= fridgeBelow) return Math.max(Math.min(celsius, coldestFridge), celsius + member.fridge);
  if (celsius <= kitchenAbove) return celsius + 0.4 * member.offset;
  return celsius + member.offset + member.swing * swingOfDay(run.hour - member.swingPhase);
}

/** Works out the conditions of the coming step: pace, temperature, solubility, acidity. */
export function prepare(run: FermentState): void {
  const y = run.y;
  const c = run.c;
  const tenderBy = run.tenderBy;
  const celsius = trueCelsius(run);
  run.celsius = celsius;
  const place = placeOf(celsius);
  dissolve(run, atPlace(place, columns.SOLUBLE));
  if (!run.alive) return;
  c.vigour = run.vigour * driftOf(run.member, run.hour);
  const yeast = atPlace(place, columns.YEAST);
  const lactic = atPlace(place, columns.LACTIC);
  const cold: f64 = celsius < coldBelow ? run.member.coldActivity * coldPace(celsius) : 0;
  c.yeastHeat = cold > 0 ? inTheCold(cardinal.yeast, yeast, cold) : yeast;
  c.lacticHeat = cold > 0 ? inTheCold(cardinal.lactic, lactic, cold) : lactic;
  c.aceticHeat = atPlace(place, columns.ACETIC);
  if (celsius + tenderBy >= harmlessBelow || c.yeastDying > 0) {
    c.yeastDying = dyingOfHeat(celsius, heatDeath.yeast, tenderBy);
    c.lacticDying = dyingOfHeat(celsius, heatDeath.lactic, tenderBy);
    c.aceticDying = dyingOfHeat(celsius, heatDeath.acetic, tenderBy);
  }
  c.fallingAsleep = fallingAsleepAt(celsius, tenderBy);
  if (c.hungerAtBest >= 0) {
    c.hungerDying = c.hungerAtBest * c.yeastHeat;
    c.fed = 1 - hungerOf(y);
  }
  solveAcidity(run);
  const sober = soberOf.at(y[ETHANOL]! * c.ethanolHurts);
  c.yeastEase = sober * Math.min(1, Math.max(0, (run.ph - 2) / 1.2));
  c.lacticEase = sober * Math.min(1, Math.max(0, (run.ph - 2.9) / 1.3));
}

/** How much of the gas is dissolved, and what an unsealed liquid keeps. @param soluble CO2 in water, mol/(L·bar) */
function dissolve(run: FermentState, soluble: number): void {
  const y = run.y;
  const c = run.c;
  const here = soluble * solubilityLeft(y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!, y[ETHANOL]!);
  if (run.sealed) {
    // Henry and the ideal gas, within 0.01 of closeOn to 6 bar: near enough for what slows cells and for acidity.
    const inLiquid = here * gasConstant * kelvin(run.celsius);
    c.dissolvedShare = inLiquid / (inLiquid + run.filling.headspaceRatio);
    c.saturation = Infinity;
    c.restInAir = 0;
  } else {
    c.dissolvedShare = 1;
    c.saturation = here * molar.co2 * atmosphereBar;
    c.restInAir = here * molar.co2 * co2OfAirBar;
  }
}

/** What alcohol leaves of the activity of the usual yeast: (1 − E/95)^0.8, 0–1. Others bear more or less. */
function sobriety(ethanol: number): number {
  return ethanol < 95 ? Math.exp(0.8 * Math.log(1 - ethanol / 95)) : 0;
}
const soberOf = new Table(sobriety, 0, 100, 8);

const lacticPerGluconic: number = molar.lactic / molar.gluconic;

/** Works the acidity out anew from what the acids are now. */
export function solveAcidity(run: FermentState): void {
  const acids = run.acids;
  const y = run.y;
  // Gluconic acid is as strong as lactic (pK 3.7 and 3.86).
  acids.lactic = y[LACTIC]! + y[GLUCONIC]! * lacticPerGluconic;
  acids.acetic = y[ACETIC]!;
  acids.co2Moles = (y[CO2]! * run.c.dissolvedShare) / molar.co2 + co2OfAir;
  run.ph = acidity(acids, run.ph);
}
