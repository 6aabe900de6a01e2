import { handmadeRun, warmBottle, warmJar } from '../handmade.test-tool';
import { placesOf } from '../read-off/quantiles';
import { gaugeBarAt } from '../run/quantities';
import { normalBelow } from '../run/random';
import { rowAt, rowOf } from '../run/stored-run';
import { tellingLooks } from './informative-observation';

// Two kitchens as likely as each other: one ready at 10 hours, one at 50. Their sweetness parts them by and by.
const hours = Array.from({ length: 31 }, (_, i) => i);
const jar = (parting: number) =>
  handmadeRun({
    hours,
    members: 2,
    stages: [warmJar],
    row: (m, hour) => ({ SUCROSE: 70 - (m === 0 ? parting : 0) * hour, PH: 4 }),
  });
const ask = { kinds: ['sweet'] as const, moments: Float64Array.of(10, 50), fromHour: 0, untilHour: 30 };

describe('the most telling look', () => {
  test('nothing is gained where the kitchens look alike', () => {
    expect(tellingLooks(jar(0), ask)).toEqual([]);
    expect(tellingLooks(jar(2), { ...ask, moments: Float64Array.of(20, 20) })).toEqual([]);
  });

  test('what a sip is worth, worked out on paper', () => {
    // At 20 hours they hold 70 and 10 g/L of sweetness. The five words lie between 15, 32, 55 and 82, felt with an error of 11.
    const [look] = tellingLooks(jar(3), { ...ask, fromHour: 20, untilHour: 20 });
    const edges = [-Infinity, 15, 32, 55, 82, Infinity];
    const chance = (value: number, word: number) =>
      (word === 0 ? 1 : normalBelow((value - edges[word]!) / 11)) -
      (word === 4 ? 0 : normalBelow((value - edges[word + 1]!) / 11));
    // Moments 10 and 50: with posterior p of the first the variance is 1600·p·(1 − p), before it 400.
    let left = 0;
    for (let word = 0; word < 5; word++) {
      const [a, b] = [chance(10, word), chance(70, word)];
      const p = a / (a + b);
      left += ((a + b) / 2) * 1600 * p * (1 - p);
    }
    // For the kitchen that was ready at 10 hours it comes too late: half of what it tells counts.
    expect(look!.gain).toBeCloseTo((1 - Math.sqrt(left) / 20) / 2, 6);
    expect(look!.gain).toBeGreaterThan(0.4);
    expect(look).toMatchObject({ kind: 'sweet', hour: 20 });
    expect(look!.decides[0]).toBeCloseTo(10, 0);
    expect(look!.decides[1]).toBeCloseTo(50, 0);
  });

  test('a look before the moment of any kitchen counts whole, one after the moment of all not at all', () => {
    const early = { ...ask, moments: Float64Array.of(25, 50), fromHour: 20, untilHour: 20 };
    const late = { ...ask, moments: Float64Array.of(5, 20), fromHour: 20, untilHour: 20 };
    const half = { ...ask, fromHour: 20, untilHour: 20 };
    // What it tells of the moment is the same share of its spread in all three: only when it comes differs.
    const [whole] = tellingLooks(jar(3), early);
    expect(tellingLooks(jar(3), half)[0]!.gain / whole!.gain).toBeCloseTo(0.5, 9);
    expect(tellingLooks(jar(3), late)).toEqual([]);
  });

  test('what a gauge is worth, worked out on paper', () => {
    const run = handmadeRun({
      hours,
      members: 2,
      stages: [warmBottle],
      row: (m, hour) => ({ CO2: (m === 0 ? 0.3 : 0.27) * hour, SUCROSE: 60, PH: 4 }),
    });
    const moments = Float64Array.of(25, 65);
    const [look] = tellingLooks(run, { kinds: ['gaugeBar'], moments, fromHour: 20, untilHour: 20 });
    const place = { ...placesOf(run)[20]!, celsius: run.celsius[rowOf(run, 0, 20)]! };
    const [high, low] = [0, 1].map((m) => gaugeBarAt(run.rows, rowAt(run, m, 20), place)) as [number, number];
    expect(high - low).toBeGreaterThan(0.2);
    // Nine results, a ninth of the chance each: between the middles of the two weights, at a quarter and three quarters, on a line.
    let [left, sum] = [0, 0];
    for (let i = 0; i < 9; i++) {
      const read = low + (high - low) * Math.min(1, Math.max(0, ((i + 0.5) / 9 - 0.25) / 0.5));
      const density = (value: number) => {
        const error = Math.hypot(0.18, 0.06 * value);
        return Math.exp(-((read - value) ** 2) / error ** 2 / 2) / error;
      };
      const p = density(high) / (density(high) + density(low));
      left += (density(high) + density(low)) * 1600 * p * (1 - p);
      sum += density(high) + density(low);
    }
    expect(look!.gain).toBeCloseTo(1 - Math.sqrt(left / sum) / 20, 6);
  });

  test('every second hour the kind that tells most; an instrument by its error', () => {
    const run = handmadeRun({
      hours,
      members: 40,
      stages: [warmBottle],
      row: (m, hour) => ({ CO2: 0.02 * (m + 1) * hour, SUCROSE: 60 - 0.02 * (m + 1) * hour, PH: 4 }),
    });
    const moments = Float64Array.from({ length: 40 }, (_, m) => 200 / (m + 1));
    const looks = tellingLooks(run, { kinds: ['squeeze', 'gaugeBar'], moments, fromHour: 5, untilHour: 30 });
    expect(looks.every(({ hour }, i) => i === 0 || hour - looks[i - 1]!.hour === 2)).toBe(true);
    expect(looks.at(-1)!.kind).toBe('gaugeBar');
    const squeezes = tellingLooks(run, { kinds: ['squeeze'], moments, fromHour: 29, untilHour: 29 });
    expect(looks.at(-1)!.gain).toBeGreaterThan(squeezes[0]!.gain);
    expect(looks.at(-1)!.decides[0]).toBeLessThan(looks.at(-1)!.decides[1]);
  });
});
