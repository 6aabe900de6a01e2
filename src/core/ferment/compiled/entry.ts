import { Standing } from '../standing';
import { slots } from '../state';
import { stepOn } from '../step';
import { handedOver, handOver, Numbers } from './hand-over';

/**
 * What is compiled: one ferment at a time stands here and goes on, step by step. Its state lies where it is handed over. See
 * docs/architecture.md, "Compiled steps".
 */
const run = new Standing();
const numbers = new Numbers(new Float64Array(handedOver));
run.y = numbers.values;

/** Where a ferment is handed over. */
export function handed(): Float64Array {
  return numbers.values;
}

/** Takes the ferment whose numbers were handed over. */
export function take(): void {
  numbers.writing = false;
  handOver(run, numbers);
}

/** Goes on by as many steps, and hands back the acidity, the temperature and the hour. */
export function go(steps: i32, hours: f64): void {
  for (let i: i32 = 0; i < steps; i++) stepOn(run, hours);
  const values = numbers.values;
  values[slots.STATE_SIZE] = run.ph;
  values[slots.STATE_SIZE + 1] = run.celsius;
  values[slots.STATE_SIZE + 2] = run.hour;
}
