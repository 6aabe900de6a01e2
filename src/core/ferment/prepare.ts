import { co2OfAirBar } from '../gas/air-solubility';
import { gasConstant, solubilityLeft } from '../gas/closed-vessel';
import { atmosphereBar, kelvin } from '../gas/co2-solubility';
import { tabulated } from '../gas/tabulated';
import { molar } from '../sugar/yields';
import { acidity } from './acid-balance';
import { coldBelow } from './cardinal-temperature';
import type { LotStage } from './ferment';
import { dyingOfHeat, fallingAsleepAt, harmlessBelow, heatDeath } from './heat-death';
import type { FermentRun } from './run-state';
import { slots } from './state';
import { driftOf, swingOfDay } from './straying';
import { hungerOf } from './weather';
import { atPlace, columns, inTheCold, placeOf } from './warmth';

const { ACETIC, CO2, ETHANOL, FRUCTOSE, GLUCOSE, LACTIC, SUCROSE } = slots;
const { ACETIC: ACETIC_PACE, LACTIC: LACTIC_PACE, SOLUBLE, YEAST: YEAST_PACE } = columns;

/** CO2 of plain water standing in air, mol/L. */
export const co2OfAir = 1.3e-5;

/** Below this a place counts as a fridge, with the fridge's own uncertainty, °C. */
const fridgeBelow = 8;
/** Above this a place swings with the day, °C. */
const kitchenAbove = 12;
/** Coldest a fridge gets before a drink freezes, °C. */
const coldestFridge = 0;

/** True temperature of the liquid: a fridge is seldom at what is written; a kitchen drifts and swings with the day. */
function trueCelsius({ member, hour }: FermentRun, celsius: number): number {
  if (celsius <= fridgeBelow) return Math.max(Math.min(celsius, coldestFridge), celsius + member.fridge);
  if (celsius <= kitchenAbove) return celsius + 0.4 * member.offset;
  return celsius + member.offset + member.swing * swingOfDay(hour - member.swingPhase);
}

/** Works out the conditions of the coming step: pace, temperature, solubility, acidity. */
export function prepare(run: FermentRun, stage: LotStage): void {
  const { y, c, member, tenderBy } = run;
  const celsius = trueCelsius(run, stage.celsius);
  run.celsius = celsius;
  const place = placeOf(celsius);
  dissolve(run, stage.vessel === 'sealed', atPlace(place, SOLUBLE));
  if (!run.alive) return;
  c.vigour = run.vigour * driftOf(member, run.hour);
  const yeast = atPlace(place, YEAST_PACE);
  const lactic = atPlace(place, LACTIC_PACE);
  const cold = celsius < coldBelow ? member.coldActivity * Math.exp(0.12 * (celsius - 4)) : 0;
  c.yeastHeat = cold > 0 ? inTheCold('yeast', yeast, cold) : yeast;
  c.lacticHeat = cold > 0 ? inTheCold('lactic', lactic, cold) : lactic;
  c.aceticHeat = atPlace(place, ACETIC_PACE);
  if (celsius + tenderBy >= harmlessBelow || c.yeastDying > 0) {
    c.yeastDying = dyingOfHeat(celsius, heatDeath.yeast, tenderBy);
    c.lacticDying = dyingOfHeat(celsius, heatDeath.lactic, tenderBy);
    c.aceticDying = dyingOfHeat(celsius, heatDeath.acetic, tenderBy);
  }
  c.fallingAsleep = fallingAsleepAt(celsius, tenderBy);
  if (run.kept) {
    c.hungerDying = run.kept.hungerDying * c.yeastHeat;
    c.fed = 1 - hungerOf(y);
  }
  solveAcidity(run);
  const sober = soberOf(y[ETHANOL]!);
  c.yeastEase = sober * Math.min(1, Math.max(0, (run.ph - 2) / 1.2));
  c.lacticEase = sober * Math.min(1, Math.max(0, (run.ph - 2.9) / 1.3));
}

/** How much of the gas is dissolved, and what an unsealed liquid keeps. @param soluble CO2 in water, mol/(L·bar) */
function dissolve({ y, c, filling, celsius }: FermentRun, sealed: boolean, soluble: number): void {
  const here = soluble * solubilityLeft(y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!, y[ETHANOL]!);
  if (sealed) {
    // Henry and the ideal gas, within 0.01 of closeOn to 6 bar: near enough for what slows cells and for acidity.
    const inLiquid = here * gasConstant * kelvin(celsius);
    c.dissolvedShare = inLiquid / (inLiquid + filling.headspaceRatio);
    c.saturation = Infinity;
    c.restInAir = 0;
  } else {
    c.dissolvedShare = 1;
    c.saturation = here * molar.co2 * atmosphereBar;
    c.restInAir = here * molar.co2 * co2OfAirBar;
  }
}

/** What alcohol leaves of the activity: (1 − E/95)^0.8, 0–1. */
const soberOf = tabulated((ethanol) => (ethanol < 95 ? Math.pow(1 - ethanol / 95, 0.8) : 0), 0, 100, 8);

/** Works the acidity out anew from what the acids are now. */
export function solveAcidity(run: FermentRun): void {
  const { acids, y } = run;
  acids.lactic = y[LACTIC]!;
  acids.acetic = y[ACETIC]!;
  acids.co2Moles = (y[CO2]! * run.c.dissolvedShare) / molar.co2 + co2OfAir;
  run.ph = acidity(acids, run.ph);
}
