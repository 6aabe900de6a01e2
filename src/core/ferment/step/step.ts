import { ClosedVessel, closeOn } from '../../gas/closed-vessel';
import { molar } from '../../sugar/yields';
import { eat } from './eat';
import { prepare } from './prepare';
import { FermentState } from '../state/ferment-state';
import { slots } from '../state/state';
import { weather } from './weather';

const CO2: i32 = slots.CO2;
const ESCAPED: i32 = slots.ESCAPED;
const ETHANOL: i32 = slots.ETHANOL;
const FRUCTOSE: i32 = slots.FRUCTOSE;
const GLUCOSE: i32 = slots.GLUCOSE;
const NITROGEN: i32 = slots.NITROGEN;
const OXYGEN: i32 = slots.OXYGEN;
const SUCROSE: i32 = slots.SUCROSE;

const closed = new ClosedVessel();

/** Goes on by `hours` in the vessel and place it stands in. */
export function stepOn(run: FermentState, hours: number): void {
  const y = run.y;
  const c = run.c;
  const gas = y[CO2]!;
  if (run.alive) eat(y, c, hours);
  if (run.alive || c.saturation !== Infinity) weather(y, c, y[CO2]! - gas, hours);
  run.hour += hours;
  if (run.member.leak > 0 && run.filling.headspaceRatio > 0) {
    closeAt(run);
    if (closed.gaugeBar > 0) release(y, closed, 1 - Math.exp(-run.member.leak * hours));
  }
  prepare(run);
}

/** How the gas of a sealed vessel stands now. */
function closeAt(run: FermentState): void {
  const y = run.y;
  const filling = run.filling;
  closeOn(
    closed,
    y[CO2]! / molar.co2,
    y[NITROGEN]!,
    y[OXYGEN]!,
    filling.headspaceRatio,
    run.celsius,
    filling.filledCelsius,
    y[SUCROSE]! + y[GLUCOSE]! + y[FRUCTOSE]!,
    y[ETHANOL]!,
  );
}

/** Lets a share of the headspace gas out. @param over how the gas stands, just worked out */
export function release(y: Float64Array, over: ClosedVessel, part: number): void {
  lose(y, y[CO2]! * (1 - over.co2Dissolved) * part);
  y[OXYGEN] = y[OXYGEN]! * (1 - (1 - over.oxygenDissolved) * part);
  y[NITROGEN] = y[NITROGEN]! * (1 - (1 - over.nitrogenDissolved) * part);
}

/** CO2 leaves the vessel, g/L. */
export function lose(y: Float64Array, grams: number): void {
  y[CO2] = y[CO2]! - grams;
  y[ESCAPED] = y[ESCAPED]! + grams;
}
