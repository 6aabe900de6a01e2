import { contradictions } from './contradictions';
import { handmadeRun, warmBottle, warmJar, type Row } from '../handmade.test-tool';
import { effectiveMembers, expectations, logLikelihoods, normalised, withoutCollapse } from './weigh';
import { representatives } from '../what-if/what-if';

describe('weighing', () => {
  const run = handmadeRun({
    hours: [0, 10],
    members: 3,
    row: (m, hour) => ({ PH: 4 - m * 0.2 - hour * 0.01 }),
    stages: [warmJar],
  });

  test('what a kitchen expects between two hours lies on the line', () => {
    expect(
      [...expectations(run, { kind: 'ph', hour: 5, value: 3.6 })].map((v) => Number(v.toFixed(4))),
    ).toEqual([3.95, 3.75, 3.55]);
    expect(
      [...expectations(run, { kind: 'ph', hour: 0, value: 3.6 })].map((v) => Number(v.toFixed(4))),
    ).toEqual([4, 3.8, 3.6]);
    expect(
      [...expectations(run, { kind: 'ph', hour: 99, value: 3.6 })].map((v) => Number(v.toFixed(4))),
    ).toEqual([3.9, 3.7, 3.5]);
  });

  test('readings add up as logarithms; a nearer kitchen weighs more by the Gaussian of the error', () => {
    const one = logLikelihoods(run, [{ kind: 'ph', hour: 0, value: 3.8 }]);
    const density = (z: number) =>
      (0.97 * Math.exp((-z * z) / 2)) / (0.15 * Math.sqrt(2 * Math.PI)) + 0.03 / (0.15 * 40);
    expect(one[1]).toBeCloseTo(Math.log(density(0)), 6);
    expect(one[0]).toBeCloseTo(Math.log(density(0.2 / 0.15)), 5);
    const two = logLikelihoods(run, [
      { kind: 'ph', hour: 0, value: 3.8 },
      { kind: 'ph', hour: 0, value: 3.8 },
    ]);
    // Two of one sense count as 2^0.8.
    expect(two[2]).toBeCloseTo(2 ** 0.8 * one[2]!, 9);
    expect([...logLikelihoods(run, [])]).toEqual([0, 0, 0]);
  });

  test('weights add up to one however small the logarithms; Kish counts what they are worth', () => {
    expect([...normalised(Float64Array.of(-1000, -1000 + Math.log(3)))]).toEqual([
      expect.closeTo(0.25, 12),
      expect.closeTo(0.75, 12),
    ]);
    expect(effectiveMembers(Float64Array.of(0.25, 0.25, 0.25, 0.25))).toBeCloseTo(4, 12);
    expect(effectiveMembers(Float64Array.of(1, 0))).toBe(1);
    expect(effectiveMembers(Float64Array.of(0.75, 0.25))).toBeCloseTo(1.6, 12);
  });

  test('weights are flattened just enough, by powers of 0.9', () => {
    const kept = withoutCollapse(Float64Array.of(0, Math.log(3)), 1.6);
    expect([kept.power, kept.weights[1]]).toEqual([1, expect.closeTo(0.75, 12)]);
    const flat = withoutCollapse(Float64Array.of(0, Math.log(3)), 1.65);
    expect(flat.power).toBeCloseTo(0.9, 12);
    expect(flat.weights[1]! / flat.weights[0]!).toBeCloseTo(3 ** 0.9, 9);
    expect(withoutCollapse(Float64Array.of(0, 50), 1.9).power).toBeLessThan(0.02);
    expect(withoutCollapse(Float64Array.of(0, 5000), 3).power).toBeCloseTo(0.9 ** 40, 12);
  });

  test('members are picked so that each stands for the same weight', () => {
    const of = (weights: readonly number[], count: number) =>
      representatives(handmadeRun({ hours: [0], members: weights.length, row: () => ({}), weights }), count);
    expect(of([0.5, 0.25, 0.25], 4)).toEqual([0, 0, 1, 2]);
    expect(of([0, 0, 1], 3)).toEqual([2, 2, 2]);
    expect(of([0.2, 0.2, 0.2, 0.2, 0.2], 5)).toEqual([0, 1, 2, 3, 4]);
    expect(of([0.9, 0.1], 1)).toEqual([0]);
  });
});

describe('what hardly any kitchen would show', () => {
  const run = (row: (m: number) => Row, stage = warmBottle) =>
    handmadeRun({ hours: [0, 40], members: 4, row: (m) => row(m), stages: [stage] });
  const said = (
    reading: Parameters<typeof contradictions>[1][number],
    stage = warmBottle,
    row: (m: number) => Row = () => ({ PH: 3.8 }),
  ) => contradictions(run(row, stage), [reading]);
  const below = (...asked: Parameters<typeof said>) =>
    said(...asked).map((warning) => warning.code === 'reading.unusual' && warning.params.below);

  test('a number more than three standard deviations off, its own error counted', () => {
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 0.44 })).toEqual([]);
    expect(said({ kind: 'ph', hour: 20, value: 3.8 - 0.44 })).toEqual([]);
    const reading = { kind: 'ph', hour: 20, value: 3.8 + 0.46 } as const;
    expect(said(reading)).toEqual([
      {
        code: 'reading.unusual',
        params: { reading, celsius: 20, expected: expect.closeTo(3.8, 6), below: false },
      },
    ]);
    // Kitchens that differ by 0.4 either way: √(0.4² + 0.15²)·3 = 1.28.
    const wide = (m: number) => ({ PH: m % 2 ? 3.4 : 4.2 });
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 1.27 }, warmBottle, wide)).toEqual([]);
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 1.29 }, warmBottle, wide)).toHaveLength(1);
    expect(said({ kind: 'sg', hour: 20, value: 1.05 }, warmJar)).toHaveLength(1);
    expect(said({ kind: 'gaugeBar', hour: 20, value: 3 }, warmJar)).toMatchObject([
      { params: { expected: 0 } },
    ]);
    expect(said({ kind: 'celsius', hour: 20, value: 30 }, warmJar)).toHaveLength(1);
    expect(said({ kind: 'brix', hour: 20, value: 30 }, warmJar)).toHaveLength(1);
  });

  test('a word under two per cent likely; of pressure, whether there is too little', () => {
    const flat = () => ({ PH: 3.8 });
    const full = () => ({ CO2: 14, PH: 3.8 });
    expect(below({ kind: 'squeeze', hour: 20, value: 'rock' }, warmBottle, flat)).toEqual([false]);
    expect(below({ kind: 'squeeze', hour: 20, value: 'soft' }, warmBottle, full)).toEqual([true]);
    expect(below({ kind: 'hiss', hour: 20, value: 'none' }, warmBottle, full)).toEqual([true]);
    expect(below({ kind: 'squeeze', hour: 20, value: 'gives' }, warmBottle, full)).toEqual([true]);
    expect(below({ kind: 'squeeze', hour: 20, value: 'rock' }, warmBottle, full)).toEqual([]);
    expect(below({ kind: 'foam', hour: 20, value: 'riding' }, warmJar)).toEqual([false]);
    expect(below({ kind: 'sweet', hour: 20, value: 5 }, warmJar)).toEqual([false]);
    expect(said({ kind: 'colour', hour: 20, value: 'odd' }, warmJar)).toEqual([]);
    expect(said({ kind: 'film', hour: 20, value: 'fuzzy' }, warmJar)).toEqual([]);
  });
});
