import { FermentState } from '../../state/ferment-state';
import { slots } from '../../state/state';

/** Numbers that follow each other: written one by one, or read one by one. */
export class Numbers {
  at: i32 = 0;
  writing: boolean = false;
  readonly values: Float64Array;

  constructor(values: Float64Array) {
    this.values = values;
  }

  /** Writes the number, or reads the one that stands there. @returns what stands there afterwards */
  pass(value: number): number {
    const at = this.at;
    this.at = at + 1;
    if (this.writing) this.values[at] = value;
    return this.values[at]!;
  }
}

/** More than `handOver` passes. */
export const handedOver: i32 = 80;

/**
 * All that a step needs of a ferment, written to numbers or taken from them: said once, so that both sides agree on the order.
 * First what every step changes: the state, the acidity, the temperature, the hour and the gas made.
 */
export function handOver(run: FermentState, to: Numbers): void {
  to.at = 0;
  for (let i: i32 = 0; i < slots.STATE_SIZE; i++) run.y[i] = to.pass(run.y[i]!);
  run.ph = to.pass(run.ph);
  run.celsius = to.pass(run.celsius);
  run.hour = to.pass(run.hour);
  run.made = to.pass(run.made);
  run.placeCelsius = to.pass(run.placeCelsius);
  run.vigour = to.pass(run.vigour);
  run.tenderBy = to.pass(run.tenderBy);
  run.alive = to.pass(run.alive ? 1 : 0) > 0;
  run.sealed = to.pass(run.sealed ? 1 : 0) > 0;
  const filling = run.filling;
  filling.headspaceRatio = to.pass(filling.headspaceRatio);
  filling.filledCelsius = to.pass(filling.filledCelsius);
  const acids = run.acids;
  acids.citric = to.pass(acids.citric);
  acids.malic = to.pass(acids.malic);
  acids.mineralCharge = to.pass(acids.mineralCharge);
  handOverKitchen(run, to);
  handOverConditions(run, to);
}

function handOverKitchen(run: FermentState, to: Numbers): void {
  const member = run.member;
  member.offset = to.pass(member.offset);
  member.swing = to.pass(member.swing);
  member.swingPhase = to.pass(member.swingPhase);
  member.leak = to.pass(member.leak);
  member.earlyDrift = to.pass(member.earlyDrift);
  member.lateDrift = to.pass(member.lateDrift);
  member.fridge = to.pass(member.fridge);
  member.coldActivity = to.pass(member.coldActivity);
}

function handOverConditions(run: FermentState, to: Numbers): void {
  const c = run.c;
  c.yeastCapacity = to.pass(c.yeastCapacity);
  c.lacticCapacity = to.pass(c.lacticCapacity);
  c.heterolactic = to.pass(c.heterolactic);
  c.vigour = to.pass(c.vigour);
  c.yeastHeat = to.pass(c.yeastHeat);
  c.lacticHeat = to.pass(c.lacticHeat);
  c.aceticHeat = to.pass(c.aceticHeat);
  c.yeastEase = to.pass(c.yeastEase);
  c.lacticEase = to.pass(c.lacticEase);
  c.ethanolHurts = to.pass(c.ethanolHurts);
  c.dissolvedShare = to.pass(c.dissolvedShare);
  c.saturation = to.pass(c.saturation);
  c.growth = to.pass(c.growth);
  c.shape = to.pass(c.shape);
  c.gasHalfGrowth = to.pass(c.gasHalfGrowth);
  c.gasHalfFerment = to.pass(c.gasHalfFerment);
  c.exchange = to.pass(c.exchange);
  c.restInAir = to.pass(c.restInAir);
  c.airing = to.pass(c.airing);
  c.pellicle = to.pass(c.pellicle);
  c.yeastDying = to.pass(c.yeastDying);
  c.lacticDying = to.pass(c.lacticDying);
  c.aceticDying = to.pass(c.aceticDying);
  c.fallingAsleep = to.pass(c.fallingAsleep);
  c.fed = to.pass(c.fed);
  c.hungerAtBest = to.pass(c.hungerAtBest);
  c.starving = to.pass(c.starving);
  c.hungerDying = to.pass(c.hungerDying);
  c.alcoholLost = to.pass(c.alcoholLost);
}
