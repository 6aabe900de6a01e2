import { FermentState } from '../../state/ferment-state';
import { slots } from '../../state/state';
import { stepOn } from '../../step/step';
import { stretch } from '../stretch';
import { handedOver, handOver, Numbers } from './hand-over';

/**
 * What is compiled: one ferment at a time stands here and goes through the stretches of a plan, recording rows. Its state lies
 * where it is handed over. See docs/architecture.md, "Compiled steps". Nothing is ever freed: room is made anew only for more.
 */
const run = new FermentState();
const numbers = new Numbers(new Float64Array(handedOver));
run.y = numbers.values;
let stretches = new Float64Array(0);
let rows = new Float32Array(0);
let celsius = new Float32Array(0);

/** Where a ferment is handed over, where stretches are laid, and where rows and temperatures are recorded. */
export function handed(): Float64Array {
  return numbers.values;
}
export function laid(): Float64Array {
  return stretches;
}
export function recorded(): Float32Array {
  return rows;
}
export function warmths(): Float32Array {
  return celsius;
}

/** Makes room for as many numbers of stretches, and as many rows. */
export function makeRoom(numbersOfStretches: i32, count: i32): void {
  if (stretches.length < numbersOfStretches) stretches = new Float64Array(numbersOfStretches);
  if (celsius.length >= count) return;
  // At least doubled, so that what is left behind never adds up to more than what is in use.
  const size = count > 2 * celsius.length ? count : 2 * celsius.length;
  celsius = new Float32Array(size);
  rows = new Float32Array(size * slots.ROW_SIZE);
}

/** Takes the ferment whose numbers were handed over. */
export function take(): void {
  numbers.writing = false;
  handOver(run, numbers);
}

/** Goes through stretches and records the rows they reach, of one of as many members; then hands back what steps changed. */
export function go(from: i32, to: i32, member: i32, members: i32): void {
  for (let at: i32 = from * stretch.SIZE; at < to * stretch.SIZE; at += stretch.SIZE) {
    const steps = stretches[at + stretch.STEPS]! as i32;
    const hours = stretches[at + stretch.HOURS]!;
    for (let i: i32 = 0; i < steps; i++) stepOn(run, hours);
    const row = stretches[at + stretch.ROW]! as i32;
    if (row >= 0) record(row * members + member, stretches[at + stretch.SINCE]!);
  }
  const values = numbers.values;
  values[slots.STATE_SIZE] = run.ph;
  values[slots.STATE_SIZE + 1] = run.celsius;
  values[slots.STATE_SIZE + 2] = run.hour;
  values[slots.STATE_SIZE + 3] = run.made;
}

function record(place: i32, since: f64): void {
  const y = run.y;
  const at = place * slots.ROW_SIZE;
  for (let i: i32 = 0; i < slots.STATE_SIZE; i++) rows[at + i] = y[i]! as f32;
  rows[at + slots.PH] = run.ph as f32;
  const made = y[slots.CO2]! + y[slots.ESCAPED]!;
  rows[at + slots.GAS_RATE] = ((made - run.made) / since) as f32;
  celsius[place] = run.celsius as f32;
  if (since < Infinity) run.made = made;
}
