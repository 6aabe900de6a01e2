import { gramsPerVolume } from '../../gas/co2-solubility';
import { chanceAbove, chanceOverLimit, peakGauges } from './chance';
import { handmadeRun, warmBottle } from '../handmade.test-tool';
import { valuesOverTime } from './quantiles';
import { normalBelow, normalQuantile } from '../run/random';

const evenly = (count: number) => new Float64Array(count).fill(1 / count);

describe('a share counted softly', () => {
  test('of two members, by hand', () => {
    // Roots 1 and 2: mean 1.5, spread 0.5, bells of 0.2; the level's root 1.6 moves to 1.5 + 0.1·√1.16 = 1.60770.
    const high = normalBelow((2 - 1.6077) / 0.2);
    const low = normalBelow((1 - 1.6077) / 0.2);
    expect(chanceAbove([1, 4], evenly(2), 2.56)).toBeCloseTo((high + low) / 2, 4);
    expect(chanceAbove([1, 4], [0.5, 0.5], 2.56)).toBeCloseTo(0.4882, 3);
  });

  test('of a bell on the scale of roots it is that bell’s', () => {
    const values = Array.from({ length: 300 }, (_, i) => (2 + 0.3 * normalQuantile((i + 0.5) / 300)) ** 2);
    for (const root of [1.5, 1.8, 2, 2.3, 2.6])
      expect(chanceAbove(values, evenly(300), root * root)).toBeCloseTo(1 - normalBelow((root - 2) / 0.3), 2);
  });

  test('where something was read, by narrower bells', () => {
    // Roots 1 and 2: mean 1.75, spread √0.1875, bells of 0.06062; the level's root 1.9 moves to 1.75 + 0.15·√1.0196 = 1.90146.
    expect(chanceAbove([1, 4], [0.25, 0.75], 3.61, true)).toBeCloseTo(
      0.75 * normalBelow(0.09854 / 0.06062),
      3,
    );
    expect(chanceAbove([1, 4], [0.25, 0.75], 3.61, true)).toBeCloseTo(0.711, 3);
  });

  test('weights count; equal values are above or not; a vacuum is no pressure', () => {
    const heavy = chanceAbove([1, 4], [0.2, 0.8], 2.56);
    expect(heavy).toBeGreaterThan(0.7);
    expect(chanceAbove([2, 2, 2], evenly(3), 1.9)).toBe(1);
    expect(chanceAbove([2, 2, 2], evenly(3), 2.1)).toBe(0);
    expect(chanceAbove([-0.4, -0.1], evenly(2), 0.5)).toBe(0);
  });
});

describe('the working limit', () => {
  const rise = handmadeRun({
    hours: Array.from({ length: 51 }, (_, hour) => hour),
    members: 3,
    stages: [warmBottle],
    // Up to hour 30, then down again.
    row: (m, hour) => ({ CO2: (m + 1) * 0.05 * Math.min(hour, 60 - hour) * gramsPerVolume, PH: 4 }),
  });

  test('the highest pressure so far counts, whatever came after', () => {
    const gauges = valuesOverTime(rise, 'gaugeBar');
    expect([...peakGauges(rise, 20)]).toEqual(
      [...gauges[20]!].map((value) => Math.fround(Math.max(0, value))),
    );
    expect([...peakGauges(rise, 50)]).toEqual([...gauges[30]!].map((value) => Math.fround(value)));
    expect(chanceOverLimit(rise, 3, 50)).toBe(chanceOverLimit(rise, 3, 30));
  });

  test('from an hour on only what comes after counts', () => {
    expect(chanceOverLimit(rise, 3, 50, 45)).toBeLessThan(chanceOverLimit(rise, 3, 50));
    expect(chanceOverLimit(rise, 3, 50, 30)).toBeCloseTo(chanceOverLimit(rise, 3, 50), 6);
  });
});
