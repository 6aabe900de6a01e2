import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import type { Ferment, LotStage } from '../ferment/scenario/ferment';
import { nominalMember } from '../ferment/state/member';
import { Scenario, type ScenarioInput } from '../ferment/scenario/scenario';
import { fermentOf } from '../ferment/scenario/ferment';
import { slots } from '../ferment/state/state';
import { gramsPerVolume } from '../gas/co2-solubility';
import type { StoredRun } from './run/stored-run';

export const warmJar: LotStage = {
  hours: 100,
  vessel: 'open',
  celsius: 20,
  headspaceMl: 100,
  ventEveryHours: null,
  stirred: false,
};
export const warmBottle: LotStage = { ...warmJar, vessel: 'sealed', headspaceMl: 20 };

/** A litre of sweet water, run by nobody: only its stages and litres matter to what is read off a run. */
export const litreOf = (stages: readonly LotStage[]): Ferment => ({
  ...fermentOf(
    Scenario.parse({
      schema: 'yuzet.scenario/1',
      base: 'ginger-tea',
      sugars: { sucrose: 60 },
      starter: { kind: 'none', amountPerLitre: 0 },
      stages: [{ hours: 1, vessel: 'open', celsius: 20 }],
    }),
  ),
  stages,
});

export type Row = Partial<
  Record<Exclude<keyof typeof slots, 'STATE_SIZE' | 'ROW_SIZE' | 'prototype'>, number>
>;

interface Handmade {
  readonly hours: readonly number[];
  readonly members: number;
  readonly row: (member: number, hour: number) => Row;
  readonly stages?: readonly LotStage[];
  readonly weights?: readonly number[];
  readonly celsius?: (member: number, hour: number) => number;
}

/** A stored run whose every number is written by hand, so that what is read off it can be worked out on paper. */
export function handmadeRun({
  hours,
  members,
  row,
  stages = [warmBottle],
  weights,
  celsius,
}: Handmade): StoredRun {
  const rows = new Float32Array(members * hours.length * slots.ROW_SIZE);
  const warmth = new Float32Array(members * hours.length);
  for (let m = 0; m < members; m++)
    hours.forEach((hour, i) => {
      const at = i * members + m;
      for (const [slot, value] of Object.entries(row(m, hour)))
        rows[at * slots.ROW_SIZE + slots[slot as keyof Row]] = value;
      warmth[at] = celsius?.(m, hour) ?? stages[0]!.celsius;
    });
  return {
    stepper,
    ferment: litreOf(stages),
    hours,
    members: Array.from({ length: members }, () => nominalMember),
    rows,
    celsius: warmth,
    weights: Float64Array.from(weights ?? Array<number>(members).fill(1 / members)),
  };
}

export const hundredHours = Array.from({ length: 101 }, (_, hour) => hour);

/** Five kitchens whose bottles gain 0.02, 0.03 … 0.06 volumes an hour, over a hundred hours. */
export const risingBottles = (weights?: readonly number[]): StoredRun =>
  handmadeRun({
    hours: hundredHours,
    members: 5,
    weights,
    row: (m, hour) => ({ CO2: (0.02 + 0.01 * m) * hour * gramsPerVolume, PH: 4 }),
  });

/** The soda that ensembles are tried on: ginger tea with a bug, as a published question asks it. */
export const askedSoda = (more: Pick<ScenarioInput, 'stages'> & Partial<ScenarioInput>): Ferment =>
  fermentOf(
    Scenario.parse({
      schema: 'yuzet.scenario/1',
      base: 'ginger-tea',
      sugars: { sucrose: 85 },
      starter: { kind: 'ginger-bug', amountPerLitre: 80 },
      ...more,
    } as ScenarioInput),
  );
