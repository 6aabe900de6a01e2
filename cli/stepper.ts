import { quickStepper } from '../src/core/ferment/run/compiled/compile.ts';

/** Where the command line's programs make their steps: as the app does. */
export const stepper = quickStepper();
