import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { fermentOf } from '../../ferment/scenario/ferment';
import { nominalMember } from '../../ferment/state/member';
import { Scenario } from '../../ferment/scenario/scenario';
import { slots } from '../../ferment/state/state';
import { runFamily, type Branch, type Family } from './family';
import { leakOfBranch } from './seal-leak';
import { seriesOf } from '../read-off/quantiles';
import { hoursOf, runMembers } from './run-members';

const jar = { hours: 40, vessel: 'airlock' as const, celsius: 22 };
const root = {
  ...fermentOf(
    Scenario.parse({
      schema: 'yuzet.scenario/1',
      base: 'ginger-tea',
      liquidLitres: 2,
      sugars: { sucrose: 85 },
      starter: { kind: 'ginger-bug', amountPerLitre: 80 },
      stages: [
        { ...jar, hours: 10 },
        { ...jar, hours: 30, celsius: 20 },
      ],
      readings: [{ hour: 12.5, kind: 'sg', value: 1.03 }],
    }),
  ),
};
const bottle = {
  hours: 60,
  vessel: 'sealed' as const,
  celsius: 22,
  headspaceMl: 20,
  liquidMl: 480,
  ventEveryHours: null,
  stirred: false,
};
const branch = (more: Partial<Branch> = {}): Branch => ({
  lots: ['a'],
  parent: -1,
  fromHour: 24,
  liquidLitres: 0.48,
  stages: [bottle],
  readings: [],
  ...more,
});
const family = (branches: readonly Branch[]): Family => ({ root, lots: ['jar'], branches });
const seals = [0.2, 0.96].map((seal) => ({ ...nominalMember, seal }));

describe('a family run', () => {
  test('a bottle has its jar’s stages up to the draw, cut there, and then its own', () => {
    const [, run] = runFamily(family([branch()]), seals, stepper);
    expect(
      run!.ferment.stages.map(({ hours, celsius, vessel, liquidMl }) => [hours, celsius, vessel, liquidMl]),
    ).toEqual([
      [10, 22, 'airlock', 2000],
      [14, 20, 'airlock', 2000],
      [60, 22, 'sealed', 480],
    ]);
    expect(run!.ferment.liquidLitres).toBe(0.48);
    // Drawn where a stage ends, nothing of the next one belongs to it.
    const [, early] = runFamily(family([branch({ fromHour: 10 })]), seals, stepper);
    expect(early!.ferment.stages.map(({ hours }) => hours)).toEqual([10, 60]);
  });

  test('a bottle of a bottle goes on from it', () => {
    const [jarRun, first, second] = runFamily(
      family([
        branch(),
        branch({
          parent: 0,
          fromHour: 50,
          liquidLitres: 0.2,
          stages: [{ ...bottle, liquidMl: 200, hours: 20 }],
        }),
      ]),
      seals,
      stepper,
    );
    expect(second!.ferment.stages.map(({ hours, liquidMl }) => [hours, liquidMl])).toEqual([
      [10, 2000],
      [14, 2000],
      [26, 480],
      [20, 200],
    ]);
    expect([jarRun!.hours.at(-1), first!.hours.at(-1), second!.hours.at(-1)]).toEqual([40, 84, 70]);
    const at = first!.hours.indexOf(50);
    expect(second!.hours.slice(0, at + 1)).toEqual(first!.hours.slice(0, at + 1));
    expect(seriesOf(second!, 'sweetnessGramsPerLitre')[at]).toEqual(
      seriesOf(first!, 'sweetnessGramsPerLitre')[at],
    );
    // Poured over it lost some gas to the air of its headspace, and sugar goes on falling.
    expect(seriesOf(second!, 'sweetnessGramsPerLitre').at(-1)![2]).toBeLessThan(
      seriesOf(second!, 'sweetnessGramsPerLitre')[at]![2],
    );
  });

  test('each vessel leaks by its own draw from the member’s seals', () => {
    const runs = runFamily(family([branch(), branch({ lots: ['b'] })]), seals, stepper);
    expect(runs[1]!.members.map(({ leak }) => leak)).toEqual(seals.map(({ seal }) => leakOfBranch(seal, 0)));
    expect(runs[2]!.members.map(({ leak }) => leak)).toEqual(seals.map(({ seal }) => leakOfBranch(seal, 1)));
    expect([...runs[1]!.weights]).toEqual([0.5, 0.5]);
  });

  test('told only what was read: at the reading, an hour before it, at draws and at the end', () => {
    const read = { hour: 30, kind: 'squeeze' as const, value: 'firm' as const };
    const [jarRun, run] = runFamily(family([branch({ readings: [read] })]), seals, stepper, true);
    expect(jarRun!.hours).toEqual([0, 11.5, 12.5, 24, 40]);
    expect(run!.hours).toEqual([0, 11.5, 12.5, 24, 29, 30, 84]);
    const [, whole] = runFamily(family([branch({ readings: [read] })]), seals, stepper);
    const [few, all] = [run!.hours.indexOf(30), whole!.hours.indexOf(30)];
    expect(seriesOf(run!, 'gaugeBar')[few]![2]).toBeCloseTo(seriesOf(whole!, 'gaugeBar')[all]![2], 1);
    // A reading within the first hour has none before it.
    const early = runFamily(
      { ...family([]), root: { ...root, readings: [{ hour: 0.5, kind: 'ph', value: 5 }] } },
      seals,
      stepper,
      true,
    );
    expect(early[0]!.hours).toEqual([0, 0.5, 40]);
  });

  test('the jar is told at its draws too, between its steps', () => {
    const [jarRun, run] = runFamily(family([branch({ fromHour: 24.4 })]), seals, stepper);
    expect(jarRun!.hours.filter((hour) => hour > 23 && hour < 26)).toEqual([24, 24.4, 25]);
    expect(run!.hours.filter((hour) => hour > 23 && hour < 27)).toEqual([24, 24.4, 25, 26]);
  });

  test('what long steps passed over is named, in the past and in the bottle', () => {
    const long = { ...root, longSteps: true };
    const month = branch({ stages: [{ ...bottle, hours: 20 * 24, celsius: 4 }] });
    const [jarRun, run] = runFamily({ ...family([month]), root: long }, seals, stepper);
    expect(jarRun!.gaps ?? []).toEqual([]);
    const drawn = run!.hours.indexOf(24);
    expect(run!.gaps!.length).toBeGreaterThan(10);
    expect(
      run!.gaps!.every(({ first, end }) => first > drawn && end >= first && end < run!.hours.length),
    ).toBe(true);
    // Past ten days a family is told every sixth hour.
    expect(run!.hours.filter((hour) => hour > 240).every((hour) => hour % 6 === 0 || hour === 504)).toBe(
      true,
    );
  });
});

test('a run has a row a member at each hour, all weighing the same', () => {
  const run = runMembers(root, seals, stepper);
  expect(run.hours).toEqual(hoursOf(root));
  expect(run.hours).toHaveLength(41);
  expect(run.rows).toHaveLength(2 * 41 * slots.ROW_SIZE);
  expect([run.celsius.length, [...run.weights]]).toEqual([82, [0.5, 0.5]]);
  expect(hoursOf({ ...root, stepHours: 12 }, [7.5, 99])).toEqual([0, 7.5, 12, 24, 36, 40]);
  expect(
    hoursOf({ ...root, stepHours: 1, longSteps: true, stages: [{ ...bottle, hours: 250 }] }).slice(-3),
  ).toEqual([240, 246, 250]);
});
