import { addPortions } from '../lots/add';
import { emptyLot } from '../lots/begin';
import type { Lot } from '../lots/lot';
import { bottlingSweetness, mixedSugar } from './wanted-sweetness';
import { learnVigour } from './learn';
import { likelihood, ordinalScales, readingError, wordChance } from './observe';
import { leakOf, leakyShare, memberOf, spread, UNKNOWNS } from './priors';
import { drawPoints, fittedProposal, logPriorOver, priorProposal } from './proposal';
import { normalBelow, seededNormal, seededUniform } from './random';
import { doseVigour, hungryBelow } from './starter-answer';

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

describe('what a kitchen may be like', () => {
  test('spreads and seals are what docs/forecast.md says', () => {
    expect(spread).toEqual({ lag: 0.5, bacteria: 0.5, capacity: 0.33, offset: 1, swing: 1.2 });
    expect([UNKNOWNS, leakyShare]).toEqual([8, 0.1]);
    expect([0, 0.5, 0.9, 0.95, 1].map((u) => Number(leakOf(u).toFixed(6)))).toEqual([0, 0, 0, 0.0075, 0.03]);
  });

  test('each unknown moves its own part, factors by the exponent', () => {
    const at = (index: number, value: number) => {
      const z = new Float64Array(UNKNOWNS);
      z[index] = value;
      return memberOf(z, 0, 0.28);
    };
    expect(at(0, 1).vigour).toBeCloseTo(Math.exp(0.28), 12);
    expect(at(1, 2).lag).toBeCloseTo(Math.exp(1), 12);
    expect(at(2, -1).bacteria).toBeCloseTo(Math.exp(-0.5), 12);
    expect(at(3, 1).capacity).toBeCloseTo(Math.exp(0.33), 12);
    expect([at(4, -1.5).offset, at(5, -1).swing]).toEqual([-1.5, 1.2]);
    expect([at(6, 0).swingPhase, at(6, 1).swingPhase]).toEqual([
      expect.closeTo(12, 5),
      expect.closeTo(24 * 0.8413447, 5),
    ]);
    expect([at(7, 1).leak, at(7, 9).leak]).toEqual([0, expect.closeTo(0.03, 6)]);
    const two = memberOf(
      Float64Array.from({ length: 16 }, (_, i) => (i === 8 ? 1 : 0)),
      8,
      0.5,
    );
    expect(two.vigour).toBeCloseTo(Math.exp(0.5), 12);
  });
});

describe('where likely kitchens are looked for', () => {
  const points = new Float64Array(2 * UNKNOWNS);
  points[0] = 1;
  points[UNKNOWNS] = 3;
  points[1] = 2;
  points[UNKNOWNS + 1] = 2;

  test('around the weighted mean, a quarter wider than the points lie, never narrower than √0.03', () => {
    const { mean, factor, prior } = fittedProposal(points, Float64Array.of(0.5, 0.5));
    expect([mean[0], mean[1], mean[2], prior]).toEqual([2, 2, 0, 0.15]);
    expect(factor[0]).toBeCloseTo(Math.sqrt(1.25 * 1 + 0.03), 12);
    expect(factor[UNKNOWNS + 1]).toBeCloseTo(Math.sqrt(0.03), 12);
    expect(fittedProposal(points, Float64Array.of(0.25, 0.75)).mean[0]).toBe(2.5);
  });

  test('weights undo the choice: prior over a mixture of prior and fit', () => {
    const p = fittedProposal(points, Float64Array.of(0.5, 0.5));
    // At the fit's own mean: prior density over (0.15 prior + 0.85 fit), written out.
    const at = Float64Array.from(p.mean);
    const square = 4 + 4;
    let determinant = 1;
    for (let i = 0; i < UNKNOWNS; i++) determinant *= p.factor[i * UNKNOWNS + i]!;
    const ratio = 1 / determinant / Math.exp(-square / 2);
    expect(logPriorOver(p, at, 0)).toBeCloseTo(-Math.log(0.15 + 0.85 * ratio), 9);
    expect(logPriorOver(priorProposal, points, 1)).toBe(0);
  });

  test('points are drawn from the prior when the first number says so, else from the fit', () => {
    const p = fittedProposal(points, Float64Array.of(0.5, 0.5));
    const one = () => 1;
    expect([...drawPoints(p, 1, () => 0.14, one)]).toEqual(Array(UNKNOWNS).fill(1));
    const fitted = drawPoints(p, 2, () => 0.16, one);
    expect(fitted[0]).toBeCloseTo(2 + Math.sqrt(1.28), 12);
    expect(fitted[UNKNOWNS + 2]).toBeCloseTo(Math.sqrt(0.03), 12);
  });
});

describe('what signs mean', () => {
  // kind | words | edges between them | error
  const checked = `
squeeze | soft gives firm rock | 0.3 0.9 1.8 | 0.3
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
    expect(readingError).toEqual({ sg: 0.0015, brix: 0.4, ph: 0.15, gaugeBar: 0.2, celsius: 0.8 });
  });

  test('at an edge the two words are even; one error beyond it five to one', () => {
    expect(wordChance('squeeze', 'soft', 0.3)).toBeCloseTo(0.5, 6);
    expect(wordChance('squeeze', 'soft', 0.6)).toBeCloseTo(0.1586553, 6);
    expect(wordChance('squeeze', 'gives', 0.6)).toBeCloseTo(0.8413447 - 0.1586553, 6);
    expect(wordChance('squeeze', 'rock', 2.1)).toBeCloseTo(0.8413447, 6);
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
      0.97 / (0.0015 * Math.sqrt(2 * Math.PI)) + 0.03 / (0.0015 * 40),
      6,
    );
    expect(likelihood({ kind: 'sg', hour: 0, value: 1.2 }, 1.02)).toBeCloseTo(0.03 / (0.0015 * 40), 9);
    expect(likelihood({ kind: 'colour', hour: 0, value: 'odd' }, 0)).toBe(1);
    expect(likelihood({ kind: 'film', hour: 0, value: 'fuzzy' }, -3)).toBe(1);
  });
});

describe('what finished batches teach', () => {
  test('one lesson, worked out: its own prior taken out, the rest weighed against the kind', () => {
    const own = 1 / 0.14 ** 2 - 1 / 0.28 ** 2;
    const observed = 0.2 / 0.14 ** 2 / own;
    const weight = 1 / (1 / own + 0.15 ** 2);
    const precision = 1 / 0.28 ** 2 + weight;
    const learned = learnVigour([{ logVigour: 0.2, deviation: 0.14 }], 0.28);
    expect(learned.vigour).toBeCloseTo(Math.exp((weight * observed) / precision), 9);
    expect(learned.vigour).toBeCloseTo(1.1789, 3);
    expect(learned.spread).toBeCloseTo(Math.hypot(Math.sqrt(1 / precision), 0.15), 9);
    expect(learned.batches).toBe(1);
  });

  test('a lesson no surer than the kind teaches nothing, and never widens', () => {
    const none = learnVigour([{ logVigour: 0, deviation: 0.28 }], 0.28);
    expect([none.vigour, none.spread]).toEqual([expect.closeTo(1, 4), 0.28]);
    expect(learnVigour([], 0.3)).toEqual({ vigour: 1, spread: 0.3, batches: 0 });
  });

  test('many equal lessons end at what they say, no narrower than batches differ', () => {
    const learned = learnVigour(
      Array.from({ length: 400 }, () => ({ logVigour: 0.3, deviation: 0.05 })),
      0.28,
    );
    expect(Math.log(learned.vigour)).toBeCloseTo(0.3 * (1 / 0.05 ** 2 / (1 / 0.05 ** 2 - 1 / 0.28 ** 2)), 2);
    expect(learned.spread).toBeCloseTo(0.15, 2);
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

  test('sugar mixed, per litre of what it makes: 99.9 g in 1,062 ml', () => {
    expect(mixedSugar(brew())).toBeCloseTo(99.9 / (0.9998 + 0.99 * 0.0627), 0);
    expect(mixedSugar(brew())).toBeCloseTo(94.08, 1);
    expect(mixedSugar(brew({ events: [] }))).toBe(0);
  });

  test('a living dose brings the sugar it still has, whatever went into its jar', () => {
    const dose = addPortions(
      emptyLot('y', 0, {
        role: 'starter',
        name: 'y',
        vessel: { kind: 'jar', ml: 500 },
        closure: 'cloth',
        place: 'counter',
      }),
      [{ what: 'water', ml: 100 }],
      { at: 0, entryId: 'y' },
    );
    const came = { kind: 'came', at: 1, entryId: 'z', from: 'y', contents: dose.contents, index: 0 } as const;
    const { events } = brew();
    const dosed = brew({ culture: 'ginger-bug', events: [...events, came] });
    // 0.1 L at 12 g/L.
    expect(mixedSugar(dosed)).toBeCloseTo((99.9 + 1.2) / (1.0617 + 0.1), 0);
  });

  test('bottled near two thirds of it and what the fizz will take; never below 10 g/L', () => {
    expect(bottlingSweetness(brew(), 2.5)).toBeCloseTo(94.08 * 0.66 + 2.5 * 4.0, 0);
    expect(bottlingSweetness(brew({ events: [] }), 0.5)).toBe(10);
  });
});

test('a dose drawn from a flat jar has 0.45 of its vigour; a jar is hungry below 2 g/L', () => {
  expect([0, 0.5, 1, 3, -1].map((liveliness) => Number(doseVigour(liveliness).toFixed(6)))).toEqual([
    0.45, 0.725, 1, 1, 0.45,
  ]);
  expect(hungryBelow).toBe(2);
});
