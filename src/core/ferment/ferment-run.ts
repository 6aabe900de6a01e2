import { molar } from '../sugar/yields';
import { acidity, type AcidMix } from './acid-balance';
import { bases, citricPerMlOfCitrus } from './bases';
import { cardinal, temperatureResponse } from './cardinal-temperature';
import { freshConditions, type Conditions } from './conditions';
import { inoculum } from './cultures';
import { freshWorkspace, rungeKutta, type Workspace } from './integrate';
import type { Member } from './member';
import type { Scenario, Stage } from './scenario';
import { slots } from './state';
import {
  burp,
  dissolvedShare,
  gaugeBarOf,
  leaveHeadspace,
  release,
  saturationOf,
  trapAir,
} from './vessel-gas';
import { gramsPerVolume } from '../gas/co2-solubility';

const {
  ACETIC,
  ACETICS,
  CO2,
  ETHANOL,
  FRUCTOSE,
  GAS_RATE,
  GLUCOSE,
  LACTIC,
  LACTICS,
  LACTICS_READY,
  PH,
  STATE_SIZE,
  SUCROSE,
  YEAST,
  YEAST_READY,
} = slots;

/** A ferment being integrated: its state and what the integrator needs. Mutable on purpose; never leaves core/ferment. */
export interface FermentRun {
  readonly y: Float64Array;
  readonly c: Conditions;
  readonly w: Workspace;
  readonly acids: AcidMix;
  readonly member: Member;
  readonly liquidMl: number;
  ph: number;
  headspaceRatio: number;
  vessel: Stage['vessel'] | null;
  celsius: number;
  hour: number;
  alive: boolean;
}

/** A pitched cell brings reserves for a division or a little more, whatever the base lacks (practice). */
const reservesOfCell = 1.15;
/** CO2 of plain water standing in air, mol/L. */
const co2OfAir = 1.3e-5;

const physiologicalState = (lagWork: number) => 1 / Math.expm1(Math.max(0.01, lagWork));

/** A jar as it stands at the start: dissolved sugars, the dose, the acids of the base. */
export function beginRun(scenario: Scenario, member: Member): FermentRun {
  const { starter, sugars } = scenario;
  const dose = inoculum(starter.kind, starter.amountPerLitre, scenario.base === 'peel');
  const run = emptyRun(scenario, member);
  const { y } = run;
  y[SUCROSE] = sugars.sucrose;
  y[GLUCOSE] = sugars.glucose;
  y[FRUCTOSE] = sugars.fructose;
  y[YEAST] = dose.yeast;
  y[LACTICS] = dose.lactics * member.bacteria;
  y[ACETICS] = dose.acetics;
  y[LACTIC] = dose.lacticAcid;
  y[CO2] = scenario.co2Volumes * gramsPerVolume;
  y[YEAST_READY] = physiologicalState(dose.lagWork * member.lag);
  y[LACTICS_READY] = y[YEAST_READY]!;
  solveAcidity(run);
  return run;
}

/** A run with the culture and the base known, and nothing in the jar yet. */
function emptyRun(scenario: Scenario, member: Member): FermentRun {
  const { starter, citrusMlPerLitre } = scenario;
  const base = bases[scenario.base];
  const dose = inoculum(starter.kind, starter.amountPerLitre, scenario.base === 'peel');
  const c = freshConditions();
  c.yeastCapacity = base.yeastCapacity * member.capacity + dose.yeast * reservesOfCell;
  c.lacticCapacity = base.lacticCapacity * member.capacity;
  c.heterolactic = dose.heterolactic;
  c.vigour = starter.vigour * member.vigour;
  const acids: AcidMix = {
    lactic: 0,
    acetic: 0,
    citric: base.citricGramsPerLitre + citrusMlPerLitre * citricPerMlOfCitrus,
    malic: base.malicGramsPerLitre,
    co2Moles: 0,
    mineralCharge: base.mineralCharge,
  };
  return {
    y: new Float64Array(STATE_SIZE), c, w: freshWorkspace(), acids, member, liquidMl: scenario.liquidLitres * 1000,
    ph: 5, headspaceRatio: 0, vessel: null, celsius: 20, hour: 0, alive: starter.kind !== 'none',
  }; // prettier-ignore
}

/**
 * Goes on from a recorded row, as if nothing had interrupted the run.
 *
 * @param stage the stage in force at that hour
 * @param rows recorded rows, `at` the index of the row's first number
 */
export function resumeRun(
  scenario: Scenario,
  member: Member,
  stage: Stage,
  hour: number,
  rows: Float32Array | Float64Array,
  at: number,
): FermentRun {
  // prettier-ignore
  const run = emptyRun(scenario, member);
  for (let i = 0; i < STATE_SIZE; i++) run.y[i] = rows[at + i]!;
  run.ph = rows[at + PH]!;
  run.hour = hour;
  run.vessel = stage.vessel;
  run.headspaceRatio = stage.vessel === 'sealed' ? stage.headspaceMl / run.liquidMl : 0;
  prepare(run, stage);
  return run;
}

/** Enters a stage: a change of vessel is a transfer, priming is stirred in, a new seal traps air. */
export function enterStage(run: FermentRun, stage: Stage): void {
  const ratio = stage.headspaceMl / run.liquidMl;
  const sameVessel =
    run.vessel === stage.vessel && (stage.vessel !== 'sealed' || ratio === run.headspaceRatio);
  const { y } = run;
  if (!sameVessel && run.vessel === 'sealed') leaveHeadspace(y, run.c.dissolvedShare);
  if (stage.addSugars) {
    y[SUCROSE] = y[SUCROSE]! + stage.addSugars.sucrose;
    y[GLUCOSE] = y[GLUCOSE]! + stage.addSugars.glucose;
    y[FRUCTOSE] = y[FRUCTOSE]! + stage.addSugars.fructose;
  }
  run.headspaceRatio = stage.vessel === 'sealed' ? ratio : 0;
  if (!sameVessel && stage.vessel === 'sealed') trapAir(y, ratio, stage.sealedAtCelsius ?? stage.celsius);
  run.vessel = stage.vessel;
  prepare(run, stage);
}

/** Works out the conditions of the coming step: temperature, solubility, acidity. */
export function prepare(run: FermentRun, stage: Stage): void {
  const { y, c, member } = run;
  // A fridge holds its temperature; a kitchen drifts from what its thermometer says and swings with the day.
  const drift = stage.celsius > 12 ? member.offset : member.offset * 0.4;
  const swing =
    stage.celsius > 12 ? member.swing * Math.sin(((run.hour - member.swingPhase) * Math.PI) / 12) : 0;
  const celsius = stage.celsius + drift + swing;
  run.celsius = celsius;
  const sealed = stage.vessel === 'sealed';
  c.dissolvedShare = sealed ? dissolvedShare(y, run.headspaceRatio, celsius) : 1;
  c.saturation = sealed ? Infinity : saturationOf(y, celsius);
  if (!run.alive) return;
  c.air = stage.vessel === 'open' ? 1 : stage.vessel === 'airlock' ? 0.06 : 0;
  c.yeastHeat = temperatureResponse(celsius, cardinal.yeast);
  c.lacticHeat = temperatureResponse(celsius, cardinal.lactic);
  c.aceticHeat = temperatureResponse(celsius, cardinal.acetic);
  solveAcidity(run);
  const sober = Math.pow(Math.max(0, 1 - y[ETHANOL]! / 95), 0.8);
  c.yeastEase = sober * Math.min(1, Math.max(0, (run.ph - 2) / 1.2));
  c.lacticEase = sober * Math.min(1, Math.max(0, (run.ph - 2.9) / 1.3));
}

function solveAcidity(run: FermentRun): void {
  const { acids, y } = run;
  acids.lactic = y[LACTIC]!;
  acids.acetic = y[ACETIC]!;
  acids.co2Moles = (y[CO2]! * run.c.dissolvedShare) / molar.co2 + co2OfAir;
  run.ph = acidity(acids, run.ph);
}

/** Goes on by `step` hours within one stage. */
export function stepRun(run: FermentRun, stage: Stage, step: number): void {
  if (run.alive || run.c.saturation !== Infinity) rungeKutta(run.y, run.c, step, run.w);
  run.hour += step;
  if (run.member.leak > 0 && run.headspaceRatio > 0) {
    const gauge = gaugeBarOf(run.y, run.headspaceRatio, run.celsius);
    if (gauge > 0) release(run.y, run.c.dissolvedShare, 1 - Math.exp(-run.member.leak * step));
  }
  prepare(run, stage);
}

/** Burps the vessel if it is sealed. */
export function burpRun(run: FermentRun, stage: Stage): void {
  if (stage.vessel !== 'sealed') return;
  burp(run.y, run.headspaceRatio, run.celsius);
  run.c.dissolvedShare = dissolvedShare(run.y, run.headspaceRatio, run.celsius);
}

/** Copies the state, the acidity and the rate of gas making into a row of `rows`. */
export function recordRow(
  run: FermentRun,
  rows: Float64Array | Float32Array,
  at: number,
  gasRate: number,
): void {
  for (let i = 0; i < STATE_SIZE; i++) rows[at + i] = run.y[i]!;
  rows[at + PH] = run.ph;
  rows[at + GAS_RATE] = gasRate;
}
