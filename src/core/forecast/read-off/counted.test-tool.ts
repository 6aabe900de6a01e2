import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Reading } from '../../ferment/scenario/scenario';
import { peakGauges } from './chance';
import { weighedEnsemble } from '../ensemble/ensemble';
import { askedSoda } from '../handmade.test-tool';

/** A soda in a sealed bottle, and what was read of it. */
export interface Setting {
  readonly celsius: number;
  readonly readings: readonly Reading[];
}

/** Looks at it. */
export const looks = {
  gravity: { kind: 'sg', value: 1.026, hour: 24 },
  squeeze: { kind: 'squeeze', value: 'firm', hour: 36 },
  gauge: { kind: 'gaugeBar', value: 1.2, hour: 40 },
} as const satisfies Record<string, Reading>;

/** What is counted: unread, and read in two ways. */
export const settings: readonly Setting[] = [
  { celsius: 22, readings: [] },
  { celsius: 27, readings: [] },
  { celsius: 22, readings: [looks.gravity, looks.squeeze] },
  { celsius: 23, readings: [looks.gravity, looks.squeeze] },
  { celsius: 22, readings: [looks.gauge] },
  { celsius: 20, readings: [looks.gauge] },
];

/** The limit, bar, and the hours at which those past it are counted. */
export const limitBar = 2.8;
export const countedHours = Array.from({ length: 21 }, (_, i) => 10 + 5 * i);

export const manyAsked = (members: number, celsius: number, readings: Setting['readings']) => ({
  ...askedSoda({
    sugars: { sucrose: 80 },
    members,
    seed: 3,
    stages: [{ hours: 110, vessel: 'sealed', celsius, headspaceMl: 40 }],
    readings: [...readings],
  }),
  longSteps: true,
});

/** Shares of five thousand kitchens that passed the limit at those hours, counted one by one. Takes ten seconds. */
export function count({ celsius, readings }: Setting): number[] {
  const { run } = weighedEnsemble(manyAsked(5000, celsius, readings), stepper);
  return countedHours.map((hour) =>
    peakGauges(run, hour).reduce((sum, bar, m) => sum + (bar > limitBar ? run.weights[m]! : 0), 0),
  );
}

export const countedFile = path.join(process.cwd(), 'src/core/forecast/read-off/fixtures/counted.json');
export const keyOf = (setting: Setting): string => JSON.stringify([setting.celsius, setting.readings]);

/** The same from the file that `npm run count:chances` writes: after a change to the ferment it must be written anew. */
export const counted = (celsius: number, readings: Setting['readings']): readonly number[] => {
  const table = JSON.parse(readFileSync(countedFile, 'utf8')) as Record<string, readonly number[]>;
  return table[keyOf({ celsius, readings })]!;
};
