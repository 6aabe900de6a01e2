import { molar } from '../../sugar/yields';
import { bases } from '../scenario/bases';
import type { Ferment, Inflow, LotStage } from '../scenario/ferment';
import { lagOfAged } from '../scenario/dose-age';
import { inoculum } from '../scenario/inoculum';
import type { Member } from '../state/member';
import { co2OfAir, prepare, solveAcidity } from '../step/prepare';
import { FermentRun } from './run-state';
import { lastStirred, pourOffSettled, stirsUp } from '../step/settling';
import { Filling } from '../state/ferment-state';
import { slots } from '../state/state';
import { surfaceAt } from '../step/surface';
import { fillingAt } from './time-table';
import { burp, dissolvedShare, leaveHeadspace, pour, stirOnce, trapAir } from '../step/vessel-gas';
import { gramsPerVolume } from '../../gas/co2-solubility';

const {
  ACETIC,
  ACETICS,
  CO2,
  ETHANOL,
  FRUCTOSE,
  GAS_RATE,
  GLUCOSE,
  GLYCEROL,
  LACTIC,
  LACTICS,
  LACTICS_READY,
  PH,
  STATE_SIZE,
  SUCROSE,
  SUNK,
  YEAST,
  YEAST_READY,
} = slots;

/** A pitched cell brings reserves for a division or a little more, whatever the base lacks (practice). */
const reservesOfCell = 1.15;

const physiologicalState = (lagWork: number) => 1 / Math.expm1(Math.max(0.01, lagWork));

/** A jar as it stands at the start: dissolved sugars, the dose, the acids of the base. */
export function beginRun(ferment: Ferment, member: Member): FermentRun {
  const { sugars, kept } = ferment;
  const run = emptyRun(ferment, member);
  const { y } = run;
  const before = eatenBefore(ferment, member);
  y[SUCROSE] = sugars.sucrose * before.left;
  y[GLUCOSE] = sugars.glucose * before.left;
  y[FRUCTOSE] = sugars.fructose * before.left;
  y[CO2] = ferment.co2Volumes * gramsPerVolume;
  if (kept) fillKept(run, kept, member);
  else {
    const dose = inoculum(ferment.culture, ferment.amountPerLitre, bases[ferment.base]);
    const { doseAlive } = ferment;
    y[YEAST] = dose.yeast * doseAlive * member.cells;
    y[LACTICS] = dose.lactics * member.bacteria * member.cells * doseAlive;
    y[ACETICS] = dose.acetics * doseAlive;
    y[LACTIC] = (ferment.brought?.lactic ?? dose.lacticAcid) * before.made;
    y[ACETIC] = (ferment.brought?.acetic ?? 0) * before.made;
    y[ETHANOL] = (ferment.brought?.ethanol ?? 0) * before.made;
    y[YEAST_READY] = physiologicalState(dose.lagWork * member.lag * lagOfAged(doseAlive));
    y[LACTICS_READY] = y[YEAST_READY]!;
  }
  solveAcidity(run);
  return run;
}

/** A lively kitchen had eaten more of a living dose before it came, and made more of it: shares of what the usual one left and made. */
function eatenBefore({ sugars, brought }: Ferment, { vigour }: Member): { left: number; made: number } {
  const sugar = sugars.sucrose + sugars.glucose + sugars.fructose;
  if (!brought || brought.eaten <= 0 || sugar <= 0) return { left: 1, made: 1 };
  const eaten = Math.min(brought.eaten * vigour, brought.eaten + sugar);
  return { left: (sugar + brought.eaten - eaten) / sugar, made: eaten / brought.eaten };
}

/** A kept jar: just begun, or as a well-kept one stands. */
function fillKept(run: FermentRun, kept: NonNullable<Ferment['kept']>, member: Member): void {
  const { y } = run;
  const from = kept.settled ?? kept.fresh;
  y[YEAST] = from.yeast;
  y[LACTICS] = from.lactics * member.bacteria;
  y[ACETICS] = from.acetics;
  y[ETHANOL] = kept.settled?.ethanol ?? 0;
  y[LACTIC] = kept.settled?.lactic ?? 0;
  y[YEAST_READY] = kept.settled ? kept.settled.ready : physiologicalState(kept.lagWork * member.lag);
  y[LACTICS_READY] = y[YEAST_READY]!;
}

/** A run with the culture and the base known, and nothing in the jar yet. */
function emptyRun(ferment: Ferment, member: Member): FermentRun {
  const { culture, kept } = ferment;
  const base = bases[ferment.base];
  const dose = inoculum(culture, ferment.amountPerLitre, base);
  const run = new FermentRun();
  const { c, acids } = run;
  c.yeastCapacity = kept
    ? kept.yeastCapacity * member.capacity
    : base.yeastCapacity * member.capacity + dose.yeast * reservesOfCell;
  c.lacticCapacity = (kept ? kept.lacticCapacity : base.lacticCapacity) * member.capacity;
  c.heterolactic = dose.heterolactic;
  c.ethanolHurts = 12 / (culture?.standsAbv ?? 12);
  c.growth = member.growth;
  c.shape = member.shape;
  c.gasHalfGrowth *= member.gasTolerance;
  c.gasHalfFerment *= member.gasTolerance;
  c.starving = kept?.starving ?? 0;
  c.hungerAtBest = kept?.hungerDying ?? -1;
  acids.citric = base.citricGramsPerLitre + base.citrateGramsPerLitre + ferment.citric;
  acids.malic = base.malicGramsPerLitre + ferment.malic;
  // A dose brings its acid as it stands in its own liquid, partly a salt: milk's and ginger's minerals come with it.
  const lactic = ferment.brought?.lactic ?? dose.lacticAcid;
  acids.mineralCharge = base.mineralCharge + (kept ? 0 : (dose.saltShare * lactic) / molar.lactic);
  run.member = member;
  run.vigour = ferment.vigour * member.vigour;
  run.tenderBy = culture?.tenderBy ?? 0;
  run.kept = kept;
  run.liquidMl = ferment.liquidLitres * 1000;
  run.alive = culture !== null;
  return run;
}

/**
 * Goes on from a recorded row, as if nothing had interrupted the run.
 *
 * @param stage the stage in force at that hour
 * @param rows recorded rows, `at` the index of the row's first number
 */
export function resumeRun(
  ferment: Ferment,
  member: Member,
  stage: LotStage,
  hour: number,
  rows: Float32Array | Float64Array,
  at: number,
): FermentRun {
  const run = emptyRun(ferment, member);
  settleAcids(run, ferment.stages, hour);
  run.stirredAt = lastStirred(ferment.stages, hour);
  for (let i = 0; i < STATE_SIZE; i++) run.y[i] = rows[at + i]!;
  feedFewer(run, run.y[SUNK]!);
  run.ph = rows[at + PH]!;
  run.hour = hour;
  run.vessel = stage.vessel;
  run.liquidMl = stage.liquidMl ?? run.liquidMl;
  run.filling =
    stage.vessel === 'sealed' ? fillingAt(ferment.stages, hour, ferment.liquidLitres * 1000) : new Filling();
  standIn(run, stage);
  return run;
}

/** Nutrients that yeast grew of before it was left behind feed nobody else. A cell in a hundred finds some. */
function feedFewer(run: FermentRun, sunk: number): void {
  run.c.yeastCapacity = Math.max(0.01 * run.c.yeastCapacity, run.c.yeastCapacity - sunk);
}

/** Fruit acids are not integrated: whatever came in up to an hour is mixed in again. */
function settleAcids(run: FermentRun, stages: readonly LotStage[], hour: number): void {
  let from = 0;
  for (const stage of stages) {
    if (from > hour + 1e-9) return;
    for (const inflow of stage.inflows ?? []) mixAcids(run, inflow);
    from += stage.hours;
  }
}

function mixAcids(run: FermentRun, { share, citric, malic }: Inflow): void {
  run.acids.citric += (citric - run.acids.citric) * share;
  run.acids.malic += (malic - run.acids.malic) * share;
  run.acids.mineralCharge *= 1 - share;
}

/** A liquid comes in: everything is mixed by volume; live cells come as they are. */
function mixIn(run: FermentRun, inflow: Inflow): void {
  const { y } = run;
  const { share } = inflow;
  const mix = (slot: number, value: number) => (y[slot] = y[slot]! + (value - y[slot]!) * share);
  mix(SUCROSE, inflow.sucrose);
  mix(GLUCOSE, inflow.glucose);
  mix(FRUCTOSE, inflow.fructose);
  mix(ETHANOL, inflow.ethanol);
  mix(LACTIC, inflow.lactic);
  mix(ACETIC, inflow.acetic);
  mix(YEAST, inflow.yeast);
  mix(LACTICS, inflow.lactics);
  mix(ACETICS, inflow.acetics);
  mix(GLYCEROL, 0);
  mix(CO2, co2OfAir * molar.co2);
  mixAcids(run, inflow);
}

/** Enters a stage: a change of vessel is a transfer, what came in is stirred in, a new seal traps air. */
export function enterStage(run: FermentRun, stage: LotStage): void {
  const liquidMl = stage.liquidMl ?? run.liquidMl;
  const ratio = stage.headspaceMl / liquidMl;
  const sealed = stage.vessel === 'sealed';
  const sameVessel = run.vessel === stage.vessel && (!sealed || ratio === run.filling.headspaceRatio);
  const { y } = run;
  if (!sameVessel && run.vessel === 'sealed') leaveHeadspace(y, dissolvedShare(y, run.filling, run.celsius));
  if (!sameVessel && run.vessel !== null && (sealed || run.vessel === 'sealed')) {
    pour(y, run.celsius);
    if (!run.kept) {
      const before = y[SUNK]!;
      pourOffSettled(y, run.hour - run.stirredAt);
      feedFewer(run, y[SUNK]! - before);
    }
  }
  run.liquidMl = liquidMl;
  for (const inflow of stage.inflows ?? []) mixIn(run, inflow);
  if (stage.addSugars) {
    y[SUCROSE] = y[SUCROSE]! + stage.addSugars.sucrose;
    y[GLUCOSE] = y[GLUCOSE]! + stage.addSugars.glucose;
    y[FRUCTOSE] = y[FRUCTOSE]! + stage.addSugars.fructose;
  }
  if (stage.stirredOnce && !sealed) stirOnce(y, run.celsius);
  if (stirsUp(stage) || !sameVessel) run.stirredAt = run.hour;
  if (!sameVessel && sealed) {
    const sealedAt = stage.sealedAtCelsius ?? stage.celsius;
    run.filling = { headspaceRatio: ratio, filledCelsius: sealedAt };
    trapAir(y, ratio, sealedAt);
  } else if (!sealed) run.filling = new Filling();
  run.vessel = stage.vessel;
  const { exchange, airing, pellicle, alcoholLost } = surfaceAt(stage, liquidMl);
  run.c.exchange = exchange;
  run.c.alcoholLost = run.kept?.airing ?? alcoholLost;
  run.c.airing = airing;
  run.c.pellicle = pellicle;
  standIn(run, stage);
}

/** Works out the conditions of a stage's vessel and place. */
export function standIn(run: FermentRun, stage: LotStage): void {
  run.sealed = stage.vessel === 'sealed';
  run.placeCelsius = stage.celsius;
  prepare(run);
  // Nothing lives in it whose steps would work its acidity out.
  if (!run.alive) solveAcidity(run);
}

/** Burps the vessel if it is sealed. */
export function burpRun(run: FermentRun, stage: LotStage): void {
  if (stage.vessel !== 'sealed') return;
  burp(run.y, run.filling, run.celsius);
}

/** Copies the state, the acidity and the rate of gas making into a row of `rows`. */
export function recordRow(
  run: FermentRun,
  rows: Float64Array | Float32Array,
  at: number,
  gasRate: number,
): void {
  const { y } = run;
  for (let i = 0; i < STATE_SIZE; i++) rows[at + i] = y[i]!;
  rows[at + PH] = run.ph;
  rows[at + GAS_RATE] = gasRate;
}
