import { quickStepper } from './compile';

/** Where tests of the forecast make their steps: as the app does. Those of the ferment itself make them as they are written. */
export const stepper = quickStepper();
