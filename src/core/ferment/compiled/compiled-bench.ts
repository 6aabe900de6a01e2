import type { Bench } from '../bench';
import { copyState } from './copy-state';
import { FermentRun } from '../run-state';
import { slots } from '../state';
import { handOver, handedOver, Numbers } from './hand-over';

const { GAS_RATE, PH, STATE_SIZE } = slots;

/** What compiling `entry.ts` exports. Pointers are numbers; a Float64Array's data lie where its second word says. */
export interface CompiledSteps {
  readonly memory: { readonly buffer: ArrayBuffer };
  readonly handed: () => number;
  readonly take: () => void;
  readonly go: (steps: number, hours: number) => void;
}

/** Where what a step changes beside the state is handed back. */
const [ACIDITY, WARMTH, HOUR] = [STATE_SIZE, STATE_SIZE + 1, STATE_SIZE + 2];

/** The same steps, compiled: equal to the plain ones but for the last digits of an exponential. */
export function compiledBench({ memory, handed, take, go }: CompiledSteps): Bench {
  const { buffer } = memory;
  const data = new DataView(buffer).getUint32(handed() + 4, true);
  const values = new Float64Array(buffer, data, handedOver);
  const numbers = new Numbers(values);
  numbers.writing = true;
  let on = new FermentRun();
  return {
    take: (run) => {
      on = run;
      handOver(run, numbers);
      // From here on its state is what lies there.
      run.y = values;
      take();
    },
    go,
    celsius: () => values[WARMTH]!,
    record: (rows, at, gasRate) => {
      copyState(values, rows, at);
      rows[at + PH] = values[ACIDITY]!;
      rows[at + GAS_RATE] = gasRate;
    },
    leave: () => {
      on.ph = values[ACIDITY]!;
      on.celsius = values[WARMTH]!;
      on.hour = values[HOUR]!;
    },
  };
}
