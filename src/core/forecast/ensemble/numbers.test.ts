import { addPortions } from '../../lots/add';
import { emptyLot } from '../../lots/begin';
import type { Lot } from '../../lots/lot';
import { mixedSugar } from '../question/living-liquid';
import { bottlingSweetness } from '../question/wanted-sweetness';
import { likelihood, readingError, wordChance } from './observe';
import { ordinalScales } from './ordinal-scales';
import { memberOf } from './priors';
import { unknownCount, unknowns } from './unknowns';
import { leakOf, leakOfBranch, leakyShare } from '../run/seal-leak';
import { addDensities, drawPoints, fittedProposal, priorProposal } from './proposal';
import { normalBelow, normalQuantile, seededNormal, seededUniform } from '../run/random';
import { doseVigour } from '../starter/ripeness';
import { hungryBelow } from '../starter/starter-answer';

describe('random numbers', () => {
  test('the same on every machine: the first of a seed are known', () => {
    const uniform = seededUniform(1);
    expect([uniform(), uniform(), uniform()]).toEqual([
      0.6270739405881613, 0.002735721180215478, 0.5274470399599522,
    ]);
    expect(seededUniform(2)()).not.toBe(seededUniform(1)());
    expect(seededUniform(2 ** 32 + 5)()).toBe(seededUniform(5)());
  });

  test('normal by Box and Muller: both of a pair from the same two uniforms', () => {
    const pair = [0.3, 0.2];
    const normal = seededNormal(() => pair.shift()!);
    const radius = Math.sqrt(-2 * Math.log(0.7));
    expect(normal()).toBeCloseTo(radius * Math.cos(0.4 * Math.PI), 12);
    expect(normal()).toBeCloseTo(radius * Math.sin(0.4 * Math.PI), 12);
    const many = seededNormal(seededUniform(7));
    const values = Array.from({ length: 20_000 }, many);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const square = values.reduce((sum, value) => sum + value * value, 0) / values.length;
    expect([Math.abs(mean) < 0.02, Math.abs(square - 1) < 0.03]).toEqual([true, true]);
  });

  test.each([
    [0, 0.5],
    [0.5, 0.6914625],
    [1, 0.8413447],
    [1.645, 0.9500151],
    [1.96, 0.9750021],
    [3, 0.9986501],
    [-1, 0.1586553],
    [-2.5, 0.0062097],
  ])('share of a standard normal below %d is %d', (x, share) => expect(normalBelow(x)).toBeCloseTo(share, 6));
});

test('the number below which a share lies undoes the share', () => {
  expect([0.5, 0.975, 0.025, 0.8413447].map((share) => normalQuantile(share))).toEqual([
    expect.closeTo(0, 6),
    expect.closeTo(1.959964, 5),
    expect.closeTo(-1.959964, 5),
    expect.closeTo(1, 5),
  ]);
  for (const x of [-4, -2.2, -0.3, 0.8, 2.6]) expect(normalQuantile(normalBelow(x))).toBeCloseTo(x, 3);
  expect([normalQuantile(0), normalQuantile(1)]).toEqual([-Infinity, Infinity]);
});

describe('what a kitchen may be like', () => {
  test('spreads and seals are what docs/forecast.md says', () => {
    const spread = Object.fromEntries(unknowns.map((each) => [each.name, each.spread]));
    expect(spread).toEqual({
      vigour: null,
      swingPhase: 24,
      seal: 1,
      lag: 0.5,
      bacteria: 0.5,
      capacity: 0.28,
      offset: 1.1,
      swing: 1.2,
      cells: 0.33,
      growth: 0.37,
      earlyDrift: 0.1,
      lateDrift: 0.22,
      shape: 0.65,
      gasTolerance: 0.35,
      fridge: 2,
      coldActivity: 0.58,
    });
    expect([unknownCount, leakyShare]).toEqual([16, 0.1]);
    expect([0, 0.5, 0.9, 0.95, 1].map((u) => Number(leakOf(u).toFixed(6)))).toEqual([0, 0, 0, 0.0075, 0.03]);
  });

  test('each vessel of a member leaks by itself, and the same each time', () => {
    const leaks = Array.from({ length: 4000 }, (_, i) => leakOfBranch((i + 0.5) / 4000, 2));
    expect(leaks.filter((leak) => leak > 0).length / 4000).toBeCloseTo(0.1, 2);
    expect(leakOfBranch(0.37, 1)).toBe(leakOf((0.37 * 9973 * 2) % 1));
  });

  test('each unknown moves its own part, factors by the exponent', () => {
    const at = (index: number, value: number) => {
      const z = new Float64Array(unknownCount);
      z[index] = value;
      return memberOf(z, 0, 0.28);
    };
    expect(at(0, 1).vigour).toBeCloseTo(Math.exp(0.28), 12);
    expect(at(1, 2).lag).toBeCloseTo(Math.E, 12);
    expect(at(2, -1).bacteria).toBeCloseTo(Math.exp(-0.5), 12);
    expect(at(3, 1).capacity).toBeCloseTo(Math.exp(0.28), 12);
    expect([at(4, -1.5).offset, at(5, -1).swing]).toEqual([expect.closeTo(-1.65, 12), 1.2]);
    expect([at(6, 0).swingPhase, at(6, 1).swingPhase]).toEqual([
      expect.closeTo(12, 5),
      expect.closeTo(24 * 0.8413447, 5),
    ]);
    expect([at(7, 1).leak, at(7, 9).leak]).toEqual([0, expect.closeTo(0.03, 6)]);
    expect(at(7, 0).seal).toBeCloseTo(0.5, 6);
    expect([at(8, 2).earlyDrift, at(9, -1).lateDrift, at(12, 1.5).fridge]).toEqual([0.2, -0.22, 3]);
    expect([at(10, 1).shape, at(10, -1).shape]).toEqual([Math.exp(0.65) - 1, Math.exp(-0.65) - 1]);
    expect([at(11, 1).gasTolerance, at(13, 1).coldActivity, at(14, 1).cells, at(15, 1).growth]).toEqual(
      [0.35, 0.58, 0.33, 0.37].map((spread_) => expect.closeTo(Math.exp(spread_), 12)),
    );
    const two = memberOf(
      Float64Array.from({ length: 2 * unknownCount }, (_, i) => (i === unknownCount ? 1 : 0)),
      unknownCount,
      0.5,
    );
    expect(two.vigour).toBeCloseTo(Math.exp(0.5), 12);
  });
});

describe('where likely kitchens are looked for', () => {
  const points = new Float64Array(2 * unknownCount);
  points[0] = 1;
  points[unknownCount] = 3;
  points[1] = 2;
  points[unknownCount + 1] = 2;

  test('around the weighted mean, never wider than the prior; what two points seem to say is hardly believed', () => {
    const { mean, factor, prior } = fittedProposal(points, Float64Array.of(0.5, 0.5));
    // Means 2 and 2 of deviations 1 and 0: half a variance of noise on the first leaves 1 − 0.5/4 of it.
    expect([mean[0], mean[1], mean[2], prior]).toEqual([1.75, expect.closeTo(2, 5), 0, 0.15]);
    expect(factor[0]).toBeCloseTo(1, 12);
    // That two points agree does not make an unknown known: its variance stays one.
    expect(factor[unknownCount + 1]).toBeCloseTo(1, 5);
  });

  test('of many points the mean, the width and a quarter more, and what goes together are believed', () => {
    const uniform = seededUniform(3);
    const many = drawPoints(priorProposal, 4000, uniform);
    // The first unknown at 1 ± 0.5; the second goes with it by 0.6 and has the rest of its own.
    for (let m = 0; m < 4000; m++) {
      many[m * unknownCount + 1] = 0.6 * many[m * unknownCount]! + 0.8 * many[m * unknownCount + 1]!;
      many[m * unknownCount] = 1 + 0.5 * many[m * unknownCount]!;
    }
    const { mean, factor } = fittedProposal(many, new Float64Array(4000).fill(1 / 4000));
    expect(mean[0]).toBeCloseTo(1, 1);
    expect(factor[0]! ** 2).toBeCloseTo(1.25 * 0.25 + 0.03, 1);
    expect((factor[unknownCount]! * factor[0]!) / Math.sqrt(1.25 * 0.25 + 0.03)).toBeCloseTo(0.6, 1);
    // What no weight touches keeps its prior: no mean, no ties.
    expect(Math.abs(mean[5]!)).toBeLessThan(0.03);
    expect(factor.slice(7 * unknownCount, 7 * unknownCount + 7).every((tie) => Math.abs(tie) < 0.06)).toBe(
      true,
    );
  });

  test('weights undo the choice: a mixture of prior and fit over the prior', () => {
    const p = fittedProposal(points, Float64Array.of(0.5, 0.5));
    // At the fit's own mean: (0.15 prior + 0.85 fit) over prior, written out.
    const square = p.mean.reduce((sum, value) => sum + value * value, 0);
    let determinant = 1;
    for (let i = 0; i < unknownCount; i++) determinant *= p.factor[i * unknownCount + i]!;
    const ratio = 1 / determinant / Math.exp(-square / 2);
    const sums = Float64Array.of(2);
    addDensities(p, Float64Array.from(p.mean), sums);
    expect(sums[0]).toBeCloseTo(2 + 0.15 + 0.85 * ratio, 9);
    addDensities(priorProposal, points, sums);
    expect(sums[0]).toBeCloseTo(3 + 0.15 + 0.85 * ratio, 9);
  });

  test('points lie evenly: along each unknown one in every tenth of ten, whatever the proposal', () => {
    const drawn = drawPoints(priorProposal, 10, seededUniform(5));
    for (let i = 0; i < unknownCount; i++) {
      const tenths = Array.from({ length: 10 }, (_, m) =>
        Math.floor(10 * normalBelow(drawn[m * unknownCount + i]!)),
      );
      expect(tenths.sort((a, b) => a - b)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9]);
    }
    // Fifteen in a hundred from the prior, the others around the fit.
    const p = { mean: new Float64Array(unknownCount).fill(5), factor: priorProposal.factor, prior: 0.15 };
    const around = drawPoints(p, 100, seededUniform(5));
    const first = Array.from({ length: 100 }, (_, m) => around[m * unknownCount]!);
    expect(Math.abs(first.slice(0, 15).reduce((sum, value) => sum + value, 0) / 15)).toBeLessThan(0.2);
    const fitted = first.slice(15);
    expect(fitted.reduce((sum, value) => sum + value, 0) / 85).toBeCloseTo(5, 1);
  });
});

describe('what signs mean', () => {
  // kind | words | edges between them | error
  const checked = `
squeeze | soft gives firm rock | 0.3 0.9 1.8 | 0.28
lid | flexes tight domed | 0.12 0.5 | 0.15
hiss | none faint good violent | 0.12 0.7 2.2 | 0.3
foam | none some good riding | 3.401 5.011 6.109 | 0.6
bubbles | none few many | 3.689 5.521 | 0.6
sweet | 1 2 3 4 5 | 15 32 55 82 | 11
sour | 1 2 3 4 5 | -3.9 -3.45 -3.1 -2.85 | 0.25
fizz | 1 2 3 4 5 | 0.9 1.7 2.5 3.3 | 0.5
strength | 1 2 3 4 5 | 0.4 1 2 4 | 0.8
sediment | none some thick | -2.12 -0.693 | 0.7
grains | shrunk mushy plump growing | -1.897 -1.386 -0.511 | 0.9
film | none thin-white pellicle | -3.219 -2.079 | 1.2
smell | sweet yeasty sour vinegar | 0.3 1.5 5 | 0.8
`;

  test('edges and errors are what was checked', () => {
    const rows = Object.entries(ordinalScales).map(([kind, { words, edges, error }]) =>
      [kind, words.join(' '), edges.map((edge) => Number(edge.toFixed(3))).join(' '), error].join(' | '),
    );
    expect(rows).toEqual(checked.trim().split('\n'));
    expect(readingError).toEqual({ sg: 0.0015, brix: 0.4, ph: 0.15, gaugeBar: 0.18, celsius: 0.8 });
  });

  test('at an edge the two words are even; one error beyond it five to one', () => {
    expect(wordChance('squeeze', 'soft', 0.3)).toBeCloseTo(0.5, 6);
    expect(wordChance('squeeze', 'soft', 0.58)).toBeCloseTo(0.1586553, 6);
    expect(wordChance('squeeze', 'gives', 0.58)).toBeCloseTo(0.8413447 - normalBelow((0.58 - 0.9) / 0.28), 6);
    expect(wordChance('squeeze', 'rock', 2.08)).toBeCloseTo(0.8413447, 6);
    expect(wordChance('sweet', 5, 82)).toBeCloseTo(0.5, 6);
    expect(wordChance('film', 'pellicle', -2.079)).toBeCloseTo(0.5, 2);
    const sum = ordinalScales.hiss.words.reduce((total, word) => total + wordChance('hiss', word, 0.9), 0);
    expect(sum).toBeCloseTo(1, 9);
  });

  test('three in a hundred are blunders: words then are even, numbers anywhere in forty errors', () => {
    expect(likelihood({ kind: 'squeeze', hour: 0, value: 'soft' }, 0.3)).toBeCloseTo(
      0.97 * 0.5 + 0.03 / 4,
      6,
    );
    expect(likelihood({ kind: 'sg', hour: 0, value: 1.02 }, 1.02)).toBeCloseTo(
      0.97 / (0.003354 * Math.sqrt(2 * Math.PI)) + 0.03 / (0.003354 * 40),
      1,
    );
    expect(likelihood({ kind: 'sg', hour: 0, value: 1.2 }, 1.02)).toBeCloseTo(0.03 / (0.003354 * 40), 4);
    expect(likelihood({ kind: 'colour', hour: 0, value: 'odd' }, 0)).toBe(1);
    expect(likelihood({ kind: 'film', hour: 0, value: 'fuzzy' }, -3)).toBe(1);
  });
});

describe('sweetness', () => {
  const brew = (said: Partial<Lot> = {}): Lot => ({
    ...addPortions(
      emptyLot('x', 0, {
        role: 'brew',
        name: 'x',
        vessel: { kind: 'jar', ml: 3000 },
        closure: 'airlock',
        place: 'counter',
      }),
      [
        { what: 'water', ml: 1000 },
        { what: 'white-sugar', grams: 100 },
      ],
      { at: 0, entryId: 'x' },
    ),
    ...said,
  });

  const nowhere = { find: () => undefined, warmths: {} };

  test('sugar mixed, per litre of what it makes: 99.9 g in 1,062 ml', () => {
    expect(mixedSugar(brew(), nowhere)).toBeCloseTo(99.9 / (0.9998 + 0.99 * 0.0627), 0);
    expect(mixedSugar(brew(), nowhere)).toBeCloseTo(94.08, 1);
    expect(mixedSugar(brew({ events: [] }), nowhere)).toBe(0);
  });

  test('bottled near two thirds of it and what the fizz will take; never below 10 g/L', () => {
    expect(bottlingSweetness(brew(), 2.5, nowhere)).toBeCloseTo(94.08 * 0.66 + 2.5 * 4.0, 0);
    expect(bottlingSweetness(brew({ events: [] }), 0.5, nowhere)).toBe(10);
  });
});

test('a dose drawn from a flat jar has 0.45 of its vigour; a jar is hungry below 2 g/L', () => {
  expect([0, 0.5, 1, 3, -1].map((liveliness) => Number(doseVigour(liveliness).toFixed(6)))).toEqual([
    0.45, 0.725, 1, 1, 0.45,
  ]);
  expect(hungryBelow).toBe(2);
});
