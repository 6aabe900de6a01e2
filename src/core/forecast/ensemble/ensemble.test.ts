import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import type { Reading } from '../../ferment/scenario/ferment';
import { nominalMember } from '../../ferment/state/member';
import { weighedEnsemble, weighedFamily } from './ensemble';
import { askedSoda } from '../handmade.test-tool';
import { memberOf } from './priors';
import { unknownCount } from './unknowns';
import { drawPoints, priorProposal } from './proposal';
import { seriesOf, valuesOverTime } from '../read-off/quantiles';
import { quantileLevels, weightedQuantiles, type FiveNumbers } from '../read-off/weighted-quantiles';
import { seededUniform } from '../run/random';
import { runMembers } from '../run/run-members';
import { effectiveMembers, logLikelihoods, normalised } from './weigh';

const asked = (members: number, readings: readonly Reading[] = [], seed = 3) =>
  askedSoda({
    members,
    seed,
    stages: [{ hours: 60, vessel: 'sealed', celsius: 22, headspaceMl: 40 }],
    readings: [...readings],
  });
const gauge = { kind: 'gaugeBar', value: 1.6, hour: 36 } as const;
const sum = (values: ArrayLike<number>) => Array.from(values).reduce((all, each) => all + each, 0);

test('one member is the nominal kitchen, and no reading weighs it', () => {
  const { run, effectiveMembers: worth, posterior } = weighedEnsemble(asked(1, [gauge]), stepper);
  expect([run.members, [...run.weights], worth]).toEqual([[nominalMember], [1], 1]);
  expect(posterior.vigour).toEqual({ mean: 0, deviation: 0 });
  expect(posterior.offset.mean).toBe(0);
});

describe('where nothing was read', () => {
  test('all weigh the same, and tell nothing that was not known', () => {
    const { run, effectiveMembers: worth, posterior, warnings } = weighedEnsemble(asked(64), stepper);
    expect(run.members).toHaveLength(64);
    expect([...run.weights]).toEqual(Array<number>(64).fill(1 / 64));
    expect([worth, run.read ?? false, warnings]).toEqual([64, false, []]);
    // Drawn evenly, they have the prior's own mean and spread.
    expect(posterior.vigour.mean).toBeCloseTo(0, 1);
    expect(posterior.vigour.deviation).toBeCloseTo(0.3, 1);
    expect(posterior.offset.deviation).toBeCloseTo(1.1, 0);
    const points = drawPoints(priorProposal, 64, seededUniform(3));
    expect(run.members[5]).toEqual(memberOf(points, 5 * unknownCount, 0.3));
  });
});

describe('where something was read', () => {
  /** A thousand kitchens drawn blindly, weighed by the same reading: what the search must find, with far fewer. */
  const blind = (readings: readonly Reading[], count = 1000) => {
    const points = drawPoints(priorProposal, count, seededUniform(91));
    const members = Array.from({ length: count }, (_, m) => memberOf(points, m * unknownCount, 0.3));
    const run = runMembers(asked(count, readings), members, stepper);
    return { ...run, weights: normalised(logLikelihoods(run, readings)) };
  };

  test('the search says what thousands drawn blindly say', () => {
    const readings = [gauge];
    const many = blind(readings);
    const { run, effectiveMembers: worth } = weighedEnsemble(asked(160, readings), stepper);
    expect(effectiveMembers(many.weights)).toBeLessThan(350);
    expect(worth).toBe(160);
    for (const hour of [20, 36, 48, 60]) {
      const [few, all] = [run, many].map((each) =>
        weightedQuantiles(valuesOverTime(each, 'heldVolumes')[hour]!, each.weights, quantileLevels),
      ) as [FiveNumbers, FiveNumbers];
      few.forEach((value, level) => expect(Math.abs(value - all[level]!)).toBeLessThan(0.07 * all[4]!));
    }
    // The reading is met: the gauge then lies about what was read.
    expect(seriesOf(run, 'gaugeBar')[36]![2]).toBeGreaterThan(1.35);
    expect(seriesOf(run, 'gaugeBar')[36]![2]).toBeLessThan(1.75);
  });

  test('as many are run as were asked for, each as often as it weighs, from the least gassy on', () => {
    const { run } = weighedEnsemble(asked(100, [gauge]), stepper);
    expect(run.read).toBe(true);
    expect(run.members.length).toBeLessThanOrEqual(100);
    expect(run.members.length).toBeGreaterThan(80);
    expect(sum(run.weights)).toBeCloseTo(1, 12);
    for (const weight of run.weights) expect((weight * 100) % 1).toBeCloseTo(0, 6);
    // In the order of the gas a day after the reading, at the pace it has there.
    const held = valuesOverTime(run, 'heldVolumes');
    const half = Math.floor(run.members.length / 2);
    expect(sum(held[48]!.slice(0, half)) / half).toBeLessThan(sum(held[48]!.slice(half)) / half - 0.45);
  });

  test('what is read tells of the culture, and the same each time', () => {
    const told = (value: number) => weighedEnsemble(asked(80, [{ ...gauge, value }]), stepper).posterior;
    expect(told(3).vigour.mean).toBeGreaterThan(0.08);
    expect(told(0.2).vigour.mean).toBeLessThan(-0.08);
    expect(told(3).vigour.deviation).toBeLessThan(0.3);
    expect(told(3)).toEqual(told(3));
    expect(weighedEnsemble(asked(80, [gauge], 4), stepper).posterior).not.toEqual(
      weighedEnsemble(asked(80, [gauge]), stepper).posterior,
    );
    const warm = weighedEnsemble(asked(80, [{ kind: 'celsius', value: 24, hour: 10 }]), stepper).posterior;
    expect(warm.offset.mean).toBeGreaterThan(0.7);
    expect(warm.offset.mean).toBeLessThan(1.7);
    expect(warm.offset.deviation).toBeLessThan(1);
  });

  test('readings that fit no one ferment are said, and rule out none of the kitchens', () => {
    const { warnings, run } = weighedEnsemble(
      asked(
        60,
        [10, 20, 30, 40, 50, 59].flatMap((hour) => [
          { kind: 'sg' as const, value: 1.034 - 0.0004 * hour, hour },
          { kind: 'gaugeBar' as const, value: hour % 20 === 0 ? 4 : 0, hour },
        ]),
      ),
      stepper,
    );
    const unusual = warnings.flatMap((each) => (each.code === 'reading.unusual' ? [each.params] : []));
    expect(new Set(unusual.map(({ reading }) => reading.kind))).toEqual(new Set(['sg', 'gaugeBar']));
    expect(effectiveMembers(run.weights)).toBeGreaterThan(4);
    expect(weighedEnsemble(asked(60, [gauge]), stepper).warnings).toEqual([]);
  });

  test('a look at a bottle weighs the jar it came from, and its siblings', () => {
    const bottle = {
      lots: ['a'],
      parent: -1,
      fromHour: 20,
      liquidLitres: 0.5,
      stages: [
        {
          hours: 60,
          vessel: 'sealed' as const,
          celsius: 22,
          headspaceMl: 20,
          ventEveryHours: null,
          stirred: false,
          liquidMl: 500,
        },
      ],
      readings: [{ kind: 'gaugeBar' as const, value: 3.2, hour: 44 }],
    };
    const root = {
      ...asked(80),
      stages: [{ ...asked(80).stages[0]!, vessel: 'airlock' as const, hours: 60 }],
    };
    const read = weighedFamily(
      {
        root,
        lots: [],
        branches: [bottle, { ...bottle, lots: ['b'], readings: [] }],
      },
      stepper,
    );
    const unread = weighedFamily({ root, lots: [], branches: [{ ...bottle, readings: [] }] }, stepper);
    expect(read.runs).toHaveLength(3);
    expect(read.runs.map(({ weights }) => [...weights])).toEqual(
      [0, 1, 2].map(() => [...read.runs[0]!.weights]),
    );
    const sugar = (family: typeof read, index: number) =>
      seriesOf(family.runs[index]!, 'sugarGramsPerLitre')[44]![2];
    expect(sugar(read, 0)).toBeLessThan(sugar(unread, 0) - 1);
    expect(sugar(read, 2)).toBeLessThan(sugar(unread, 1) - 1);
    expect(read.posterior.vigour.mean).toBeGreaterThan(0.05);
  });
});
