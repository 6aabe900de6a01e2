import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { seededUniform } from '../run/random';
import { loneFerment, runFamily, type Family } from '../run/family';
import { askedSoda, handmadeRun, warmBottle } from '../handmade.test-tool';
import { gasADayOn, lastReadHour, pickedByWeight, pickedByWhatComes, upTo } from './picking';
import { memberOf } from './priors';
import { unknownCount } from './unknowns';
import { drawPoints, priorProposal } from './proposal';
import { valuesOverTime } from '../read-off/quantiles';
import type { StoredRun } from '../run/stored-run';

const soda = (members: number) =>
  loneFerment(
    askedSoda({ members, stages: [{ hours: 90, vessel: 'sealed', celsius: 24, headspaceMl: 30 }] }),
  );

test('picked evenly by weight, along an order; one picked twice weighs twice', () => {
  // In order: the second (to 0.25), the third (to 0.5), the first (to 1); picks fall on 1/8, 3/8, 5/8, 7/8.
  const { indices, weights } = pickedByWeight(Float64Array.of(0.5, 0.25, 0.25), Float64Array.of(3, 1, 2), 4);
  expect(indices).toEqual([1, 2, 0]);
  expect([...weights]).toEqual([0.25, 0.25, 0.5]);
  // Two picks, on 1/4 and 3/4, leave out who weighs little between them.
  const few = pickedByWeight(Float64Array.of(0.4, 0.2, 0.4), Float64Array.of(1, 2, 3), 2);
  expect([few.indices, [...few.weights]]).toEqual([
    [0, 2],
    [0.5, 0.5],
  ]);
  // One that ends where a pick falls has it.
  expect(pickedByWeight(Float64Array.of(0.25, 0.5, 0.25), Float64Array.of(1, 2, 3), 2).indices).toEqual([
    0, 1,
  ]);
});

test('gas a day on: what there is at the last row, and a day of what it makes there', () => {
  const run = handmadeRun({
    hours: [0, 10, 20],
    members: 2,
    row: (m, hour) => ({ CO2: 0.1 * hour * (m + 1), GAS_RATE: hour === 20 ? 0.05 * (m + 1) : 9 }),
  });
  expect([...gasADayOn(run)]).toEqual([expect.closeTo(2 + 24 * 0.05, 5), expect.closeTo(4 + 24 * 0.1, 5)]);
});

test('a family up to an hour: stages end there, branches as well; its last reading or draw', () => {
  const { root } = soda(1);
  const bottle = { ...warmBottle, hours: 80 };
  const family: Family = {
    root: {
      ...root,
      stages: [
        { ...warmBottle, hours: 10 },
        { ...warmBottle, hours: 40 },
      ],
      readings: [{ kind: 'ph', hour: 12, value: 4 }],
    },
    lots: [],
    branches: [
      { lots: [], parent: -1, fromHour: 20, liquidLitres: 0.5, stages: [bottle, bottle], readings: [] },
      {
        lots: [],
        parent: -1,
        fromHour: 14,
        liquidLitres: 0.5,
        stages: [bottle],
        readings: [{ kind: 'squeeze', hour: 33, value: 'firm' }],
      },
    ],
  };
  const lengths = ({ root: jar, branches }: Family) =>
    [jar, ...branches].map(({ stages }) => stages.map(({ hours }) => hours));
  expect(lengths(upTo(family, 36))).toEqual([[10, 26], [16], [22]]);
  expect(lengths(upTo(family, 110))).toEqual([[10, 40], [80, 10], [80]]);
  // Of a branch that begins later something is left, so that it can be run.
  expect(lengths(upTo(family, 15))).toEqual([[10, 5], [1e-6], [1]]);
  expect(lastReadHour(family)).toBe(33);
  expect(lastReadHour({ ...family, branches: [family.branches[0]!] })).toBe(20);
  expect(lastReadHour(soda(1))).toBe(-Infinity);
});

test('picked by what comes to pass: every fifth of a hundred that weigh the same, in that order', () => {
  const family = soda(20);
  const points = drawPoints(priorProposal, 100, seededUniform(5));
  const found = Array.from({ length: 100 }, (_, m) => memberOf(points, m * unknownCount, 0.3));
  const asked: [kitchens: number, last: number, step: number][] = [];
  const held = ([run]: readonly StoredRun[]) =>
    Float64Array.from(valuesOverTime(run!, 'heldVolumes').at(-1)!);
  const { indices, weights } = pickedByWhatComes(
    family,
    stepper,
    found,
    new Float64Array(100).fill(0.01),
    Float64Array.from(found, (_, m) => (7 * m) % 100),
    {
      kitchens: 5,
      untilHour: 48,
      order: (runs) => {
        asked.push([runs[0]!.members.length, runs[0]!.hours.at(-1)!, runs[0]!.hours[1]!]);
        return held(runs);
      },
    },
  );
  // As many at a time as are asked for, every third hour up to the hour named.
  expect(asked).toEqual(Array.from({ length: 5 }, () => [20, 48, 3]));
  const gas = held(runFamily(upTo(family, 48), found, stepper));
  const inOrder = found.map((_, m) => m).sort((a, b) => gas[a]! - gas[b]!);
  expect(indices).toEqual(inOrder.filter((_, place) => place % 5 === 2));
  expect([...weights]).toEqual(Array.from({ length: 20 }, () => 0.05));
});
