import { plainStepper, type Stepper, type Recorder } from '../stepper';
import { FermentRun } from '../run-state';
import { slots } from '../../state/state';
import { handOver, handedOver, Numbers } from './hand-over';

const { ROW_SIZE, STATE_SIZE } = slots;

/** What compiling `entry.ts` exports. Arrays are numbers: where their data lie says the second word there. */
export interface CompiledSteps {
  readonly memory: { readonly buffer: ArrayBuffer };
  readonly handed: () => number;
  readonly laid: () => number;
  readonly recorded: () => number;
  readonly warmths: () => number;
  readonly makeRoom: (numbersOfStretches: number, rows: number) => void;
  readonly take: () => void;
  readonly go: (from: number, to: number, member: number, members: number) => void;
}

/** Where what a step changes beside the state is handed back. */
const [ACIDITY, WARMTH, HOUR, MADE] = [STATE_SIZE, STATE_SIZE + 1, STATE_SIZE + 2, STATE_SIZE + 3];

/**
 * The same steps, compiled: equal to the plain ones but for the last digits of an exponential. Rows are recorded to single
 * precision; where a caller wants more, or memory has run out, steps are
 * made plainly.
 */
export function compiledStepper(compiled: CompiledSteps): Stepper {
  const { memory, makeRoom, take, go } = compiled;
  const dataOf = (array: number) => new DataView(memory.buffer).getUint32(array + 4, true);
  const hasRoom = (numbersOfStretches: number, count: number) => {
    try {
      makeRoom(numbersOfStretches, count);
      return true;
    } catch {
      return false;
    }
  };
  const plain = plainStepper();
  let plainly = true;
  let numbers = new Numbers(new Float64Array(handedOver));
  let on = new FermentRun();
  let count = 0;
  let rows = 0;
  let into: Recorder | null = null;
  return {
    lay: (plan, members, to) => {
      [count, rows, into] = [members, plan.reports * members, to];
      plainly = to.rows instanceof Float64Array || !hasRoom(plan.stretches.length, rows);
      if (plainly) return plain.lay(plan, members, to);
      // Memory that has grown lies elsewhere.
      new Float64Array(memory.buffer, dataOf(compiled.laid()), plan.stretches.length).set(plan.stretches);
      numbers = new Numbers(new Float64Array(memory.buffer, dataOf(compiled.handed()), handedOver));
      numbers.writing = true;
    },
    take: (run) => {
      if (plainly) return plain.take(run);
      on = run;
      handOver(run, numbers);
      // From here on its state is what lies there.
      run.y = numbers.values;
      take();
    },
    go: (from, to, member) => (plainly ? plain.go(from, to, member) : go(from, to, member, count)),
    leave: () => {
      if (plainly) return;
      const { values } = numbers;
      on.ph = values[ACIDITY]!;
      on.celsius = values[WARMTH]!;
      on.hour = values[HOUR]!;
      on.made = values[MADE]!;
    },
    finish: () => {
      if (plainly || into === null) return;
      const single = (array: number, length: number) =>
        new Float32Array(memory.buffer, dataOf(array), length);
      into.rows.set(single(compiled.recorded(), rows * ROW_SIZE), into.first * ROW_SIZE);
      into.celsius.set(single(compiled.warmths(), rows), into.first);
      into = null;
    },
  };
}
