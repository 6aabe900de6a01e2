import fc from 'fast-check';
import { Scenario, type Reading } from '../../ferment/scenario/scenario';
import { simulate } from '../../ferment/run/simulate';
import { slots } from '../../ferment/state/state';
import { expected, feltBelow, likelihood, readingError, wordChance } from './observe';
import { ordinalScales, type OrdinalKind } from './ordinal-scales';
import type { RowContext } from '../run/quantities';

const kinds = Object.keys(ordinalScales) as OrdinalKind[];
const sealed = Scenario.parse({
  schema: 'yuzet.scenario/1',
  base: 'ginger-tea',
  sugars: { sucrose: 90 },
  starter: { kind: 'ginger-bug', amountPerLitre: 80 },
  stages: [{ hours: 90, vessel: 'sealed', celsius: 22, headspaceMl: 40 }],
});
const course = simulate(sealed);
const place: RowContext = {
  stage: sealed.stages[0]!,
  celsius: 22,
  filling: { headspaceRatio: 0.04, filledCelsius: 22 },
  still: { acids: 0, extract: 0 },
};
const shown = (kind: Reading['kind'], hour: number) =>
  expected(kind, course.rows, hour * slots.ROW_SIZE, place);

describe('words', () => {
  test.each(kinds)('the chances of all words for %s add up to one, whatever the truth', (kind) => {
    fc.assert(
      fc.property(fc.double({ min: -6, max: 120, noNaN: true }), (value) => {
        const sum = ordinalScales[kind].words.reduce(
          (total: number, word) => total + wordChance(kind, word, value),
          0,
        );
        expect(sum).toBeCloseTo(1, 5);
      }),
      { seed: 31, numRuns: 40 },
    );
  });

  test.each(kinds)('more of it makes a later word of %s likelier', (kind) => {
    const { words, edges } = ordinalScales[kind];
    const low = edges[0] - 1;
    const high = edges[edges.length - 1]! + 1;
    expect(wordChance(kind, words[0], low)).toBeGreaterThan(wordChance(kind, words[0], high));
    expect(wordChance(kind, words[words.length - 1]!, high)).toBeGreaterThan(
      wordChance(kind, words[words.length - 1]!, low),
    );
    expect(feltBelow(kind, words[0], high)).toBe(true);
    expect(feltBelow(kind, words[words.length - 1]!, high)).toBe(false);
  });

  test('edges rise', () => {
    for (const kind of kinds) {
      const edges = [...ordinalScales[kind].edges];
      expect(edges).toEqual([...edges].sort((a, b) => a - b));
      expect(ordinalScales[kind].words).toHaveLength(edges.length + 1);
    }
  });
});

describe('what a reading would show', () => {
  test('gravity, Brix and pH fall, pressure and gas rise, sour turns with pH', () => {
    expect(shown('sg', 80)).toBeLessThan(shown('sg', 5));
    expect(shown('brix', 80)).toBeLessThan(shown('brix', 5));
    expect(shown('ph', 80)).toBeLessThan(shown('ph', 5));
    expect(shown('sour', 80)).toBe(-shown('ph', 80));
    expect(shown('gaugeBar', 80)).toBeGreaterThan(shown('gaugeBar', 20));
    expect(shown('foam', 40)).toBeGreaterThan(shown('foam', 2));
    expect(shown('sweet', 80)).toBeLessThan(shown('sweet', 5));
    expect(shown('celsius', 5)).toBe(22);
    for (const kind of ['squeeze', 'lid', 'hiss'] as const)
      expect(shown(kind, 60)).toBe(shown('gaugeBar', 60));
    expect(shown('bubbles', 40)).toBe(shown('foam', 40));
  });

  test('an unsealed jar has no pressure to feel', () => {
    const open: RowContext = { ...place, stage: { ...place.stage, vessel: 'open' } };
    expect(expected('squeeze', course.rows, 60 * slots.ROW_SIZE, open)).toBe(0);
  });
});

describe('likelihoods', () => {
  test('are highest at the truth, and a blunder never rules anything out', () => {
    const reading: Reading = { hour: 5, kind: 'sg', value: 1.03 };
    expect(likelihood(reading, 1.03)).toBeGreaterThan(likelihood(reading, 1.033));
    expect(likelihood(reading, 1.2)).toBeGreaterThan(0);
    expect(likelihood({ hour: 5, kind: 'squeeze', value: 'rock' }, 0)).toBeGreaterThan(0.005);
  });

  test('a density adds up to one over all readings', () => {
    const step = readingError.ph / 20;
    let sum = 0;
    for (let value = 3 - 20 * readingError.ph; value <= 3 + 20 * readingError.ph; value += step)
      sum += likelihood({ hour: 1, kind: 'ph', value }, 3) * step;
    expect(sum).toBeCloseTo(1, 1);
  });
});
