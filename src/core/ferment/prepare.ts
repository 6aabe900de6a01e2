import { tabulated } from '../gas/tabulated';
import { molar } from '../sugar/yields';
import { acidity } from './acid-balance';
import { cardinal, temperatureResponse } from './cardinal-temperature';
import type { LotStage } from './ferment';
import { dyingOfHeat, fallingAsleepAt, harmlessBelow, heatDeath } from './heat-death';
import type { Member } from './member';
import type { FermentRun } from './run-state';
import { slots } from './state';
import { hungerOf } from './weather';
import { nearShare, restInAirOf, saturationOf } from './vessel-gas';

const { ACETIC, CO2, ETHANOL, LACTIC } = slots;

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
  return celsius + member.offset + member.swing * Math.sin(((hour - member.swingPhase) * Math.PI) / 12);
}

/** Hours in which a pace strays early, and late. */
const earlyHours = 20;
const lateHours = 90;
const strayedBy = (hours: number) => tabulated((hour) => 1 - Math.exp(-hour / hours), 0, 600, 2);
const strayedEarly = strayedBy(earlyHours);
const strayedLate = strayedBy(lateHours);

/** Works out the conditions of the coming step: pace, temperature, solubility, acidity. */
export function prepare(run: FermentRun, stage: LotStage): void {
  const { y, c, member, tenderBy } = run;
  const celsius = trueCelsius(run, stage.celsius);
  run.celsius = celsius;
  const sealed = stage.vessel === 'sealed';
  c.dissolvedShare = sealed ? nearShare(y, run.filling, celsius) : 1;
  c.saturation = sealed ? Infinity : saturationOf(y, celsius);
  c.restInAir = c.exchange > 0 ? restInAirOf(y, celsius) : 0;
  if (!run.alive) return;
  c.vigour = run.vigour * driftOf(member, run.hour);
  c.yeastHeat = temperatureResponse(celsius, cardinal.yeast, member.coldActivity);
  c.lacticHeat = temperatureResponse(celsius, cardinal.lactic, member.coldActivity);
  c.aceticHeat = temperatureResponse(celsius, cardinal.acetic);
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

/** What alcohol leaves of the activity: (1 − E/95)^0.8, 0–1. */
const soberOf = tabulated((ethanol) => (ethanol < 95 ? Math.pow(1 - ethanol / 95, 0.8) : 0), 0, 100, 8);

/** How far the pace has strayed from the equations by an hour. */
const driftOf = ({ earlyDrift, lateDrift }: Member, hour: number): number =>
  earlyDrift === 0 && lateDrift === 0
    ? 1
    : Math.exp(earlyDrift * strayedEarly(hour) + lateDrift * strayedLate(hour));

/** Works the acidity out anew from what the acids are now. */
export function solveAcidity(run: FermentRun): void {
  const { acids, y } = run;
  acids.lactic = y[LACTIC]!;
  acids.acetic = y[ACETIC]!;
  acids.co2Moles = (y[CO2]! * run.c.dissolvedShare) / molar.co2 + co2OfAir;
  run.ph = acidity(acids, run.ph);
}
