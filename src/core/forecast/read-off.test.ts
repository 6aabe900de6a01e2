import { gramsPerVolume } from '../gas/co2-solubility';
import { betweenHours, hourIndexAt } from './between-hours';
import { contradictions } from './contradictions';
import { handmadeRun, warmBottle, warmJar, type Row } from './handmade.test-tool';
import { passageHours, passageQuantiles } from './passage';
import { placesOf, seriesOf, valuesAt, weightedQuantiles } from './quantiles';
import { quantities } from './quantities';
import { livelinessAt } from './ripeness';
import { rowAt } from './stored-run';
import { effectiveMembers, expectations, logLikelihoods, normalised, withoutCollapse } from './weigh';
import { chillStages, representatives } from './what-if';
import { acceptedRisk, chillWindow, tasteWindow } from './windows';

const hours = Array.from({ length: 101 }, (_, hour) => hour);
/** Five kitchens whose bottles gain 0.02, 0.03 … 0.06 volumes an hour. */
const rates = [0.02, 0.03, 0.04, 0.05, 0.06];
const rising = (weights?: readonly number[]) =>
  handmadeRun({
    hours,
    members: 5,
    weights,
    row: (m, hour) => ({ CO2: rates[m]! * hour * gramsPerVolume, PH: 4 }),
  });

describe('quantities of a row', () => {
  const row: Row = {
    SUCROSE: 10,
    GLUCOSE: 20,
    FRUCTOSE: 30,
    ETHANOL: 8,
    LACTIC: 1.5,
    ACETIC: 0.5,
    GLYCEROL: 1,
    CO2: 5,
    PH: 3.6,
    YEAST: 0.4,
    LACTICS: 0.1,
    NITROGEN: 0.0013,
    OXYGEN: 0.0003,
  };
  const of = (quantity: keyof typeof quantities, stage = warmBottle) => {
    const run = handmadeRun({ hours: [0], members: 1, row: () => row, stages: [stage] });
    return valuesAt(run, quantity, 0, placesOf(run)[0]!)[0]!;
  };

  test('sugar adds up, sweetness weighs glucose 0.70 and fructose 1.25', () => {
    expect(of('sugarGramsPerLitre')).toBe(60);
    expect(of('sweetnessGramsPerLitre')).toBeCloseTo(10 + 14 + 37.5, 5);
    expect([
      of('ph'),
      of('lacticGramsPerLitre'),
      of('aceticGramsPerLitre'),
      of('ethanolGramsPerLitre'),
    ]).toEqual([expect.closeTo(3.6, 5), 1.5, 0.5, 8]);
    expect(of('abvPercent')).toBeCloseTo(8 / 7.893, 2);
  });

  test('gas held counts all, 1.977 g a volume; dissolved in a sealed bottle what its headspace leaves', () => {
    expect(gramsPerVolume).toBeCloseTo(1.977, 2);
    expect(of('heldVolumes')).toBeCloseTo(5 / gramsPerVolume, 5);
    expect(of('co2Volumes', warmJar)).toBe(of('heldVolumes'));
    expect(of('co2Volumes', { ...warmBottle, headspaceMl: 0 })).toBe(of('heldVolumes'));
    // Two per cent headspace at 20 °C: about 0.02/0.93 of the gas stands above the liquid.
    expect(of('co2Volumes') / of('heldVolumes')).toBeCloseTo(0.978, 2);
  });

  test('pressure is felt only in what is sealed: CO2, trapped air and vapour over the outside air', () => {
    expect(of('gaugeBar', warmJar)).toBe(0);
    const airless = handmadeRun({ hours: [0], members: 1, row: () => ({ ...row, NITROGEN: 0, OXYGEN: 0 }) });
    const air = of('gaugeBar') - valuesAt(airless, 'gaugeBar', 0, placesOf(airless)[0]!)[0]!;
    // 1.3 mmol of nitrogen and 0.3 of oxygen share themselves between a litre and the 16.4 ml that the gassed liquid leaves.
    const room = 0.0164 / (0.0831446 * 293.15);
    const held = [
      6.4e-4 * Math.exp(1300 * (1 / 293.15 - 1 / 298.15)),
      1.3e-3 * Math.exp(1500 * (1 / 293.15 - 1 / 298.15)),
    ];
    expect(air).toBeCloseTo(0.0013 / (room + held[0]!) + 0.0003 / (room + held[1]!), 1.6);
    // 5 g/L at 20 °C in slightly sweet liquid is near 3.0 bar absolute with 2 % headspace.
    expect(of('gaugeBar') - air + 1.01325).toBeGreaterThan(2.85);
    expect(of('gaugeBar') - air + 1.01325).toBeLessThan(3.25);
  });
});

describe('hours and rows', () => {
  test('the row at or before an hour', () => {
    expect([
      hourIndexAt([0, 2, 4], -1),
      hourIndexAt([0, 2, 4], 1.99),
      hourIndexAt([0, 2, 4], 2),
      hourIndexAt([0, 2, 4], 9),
    ]).toEqual([0, 0, 1, 2]);
    expect(hourIndexAt([0, 2, 4], 2 - 1e-10)).toBe(1);
    expect(betweenHours([0, 2, 4], 3)).toEqual({ index: 1, share: 0.5 });
    expect(betweenHours([0, 2, 4], 4)).toEqual({ index: 2, share: 0 });
    expect(betweenHours([0, 2, 4], -1)).toEqual({ index: 0, share: 0 });
    expect(betweenHours([0, 2, 4], 9)).toEqual({ index: 2, share: 0 });
    expect(betweenHours([0, 10], 2.5)).toEqual({ index: 0, share: 0.25 });
    const run = rising();
    expect([rowAt(run, 0, 1), rowAt(run, 2, 3)]).toEqual([5 * 19, (3 * 5 + 2) * 19]);
  });

  test('each hour lies in the stage that ends there, with its headspace as a share', () => {
    const run = handmadeRun({
      hours: [0, 5, 10, 11],
      members: 1,
      row: () => ({}),
      stages: [
        { ...warmJar, hours: 10 },
        { ...warmBottle, hours: 10, liquidMl: 480, headspaceMl: 24 },
      ],
    });
    expect(placesOf(run).map(({ stage, filling }) => [stage.vessel, filling.headspaceRatio])).toEqual([
      ['open', 0],
      ['open', 0],
      ['open', 0],
      ['sealed', 0.05],
    ]);
  });
});

describe('quantiles', () => {
  test('join linearly between the middles of the weights', () => {
    expect(weightedQuantiles([3, 1, 2], [1, 1, 1], [0, 1 / 6, 1 / 3, 0.5, 2 / 3, 5 / 6, 1])).toEqual(
      [1, 1, 1.5, 2, 2.5, 3, 3].map((value) => expect.closeTo(value, 12)),
    );
    expect(weightedQuantiles([1, 2], [3, 1], [0.375, 0.625, 0.875])).toEqual(
      [1, 1.5, 2].map((value) => expect.closeTo(value, 12)),
    );
    expect(weightedQuantiles([7, 9], [0, 2], [0.05, 0.95])).toEqual([9, 9]);
    expect(weightedQuantiles([1, Infinity], [1, 1], [0.25, 0.5, 0.9])).toEqual([1, Infinity, Infinity]);
    expect(() => weightedQuantiles([], [], [0.5])).toThrow(RangeError);
    expect(() => weightedQuantiles([1], [0], [0.5])).toThrow('weight');
  });

  test('a long sample out of order is sorted all the same', () => {
    const values = Array.from({ length: 401 }, (_, i) => 400 - i);
    expect(weightedQuantiles(values, Array<number>(401).fill(1), [0.5])).toEqual([200]);
  });

  test('a series has five numbers at every hour', () => {
    const series = seriesOf(rising(), 'heldVolumes');
    expect(series).toHaveLength(101);
    expect(series[100]!.map((value) => Number(value.toFixed(3)))).toEqual([2, 2.75, 4, 5.25, 6]);
  });
});

describe('passages', () => {
  test('each kitchen passes where its line crosses the level', () => {
    const passes = passageHours(rising(), 'heldVolumes', 1.5, 'rises');
    expect([...passes].map((hour) => Number(hour.toFixed(3)))).toEqual([75, 50, 37.5, 30, 25]);
    expect(
      [...passageHours(rising(), 'heldVolumes', 2.5, 'rises')].map((hour) => Number(hour.toFixed(3))),
    ).toEqual([Infinity, 83.333, 62.5, 50, 41.667]);
    expect(
      [...passageHours(rising(), 'heldVolumes', 1, 'rises', 40)].map((hour) => Number(hour.toFixed(3))),
    ).toEqual([50, 40, 40, 40, 40]);
    expect(passageQuantiles(rising(), passes, [0.5])).toEqual([expect.closeTo(37.5, 3)]);
  });

  test('a quantity that falls passes from above', () => {
    const run = handmadeRun({
      hours,
      members: 2,
      row: (m, hour) => ({ SUCROSE: 80 - (m + 1) * 0.5 * hour }),
      stages: [warmJar],
    });
    expect([...passageHours(run, 'sweetnessGramsPerLitre', 60, 'falls')]).toEqual([
      expect.closeTo(40, 4),
      expect.closeTo(20, 4),
    ]);
  });
});

describe('windows', () => {
  test('a bottle opens at four fifths of the fizz, is best at it, closes at a quarter more', () => {
    // The middle kitchen gains 0.04 an hour: 1.2 at 30 h, 1.5 at 37.5 h, 1.875 at 46.9 h. No limit in reach.
    const window = chillWindow(rising(), 1.5, 99, 0);
    expect(window).toMatchObject({
      earliest: expect.closeTo(30, 3),
      best: expect.closeTo(37.5, 3),
      latest: expect.closeTo(46.875, 3),
      closes: 'fizz',
      limitHour: Infinity,
      reached: true,
    });
    // Quarter to three quarters of five equal kitchens: a quarter of the way between neighbours.
    expect(window.earliestSpread).toBeCloseTo(40 + 0.25 * 20 - (24 - 0.25 * 4), 3);
    expect(window.latestSpread).toBeCloseTo(62.5 + 0.25 * 31.25 - (37.5 - 0.25 * 6.25), 3);
  });

  test('it closes at the limit when one kitchen in twenty has passed it', () => {
    const run = rising([0.3, 0.3, 0.2, 0.12, 0.08]);
    const over = passageHours(run, 'gaugeBar', 1, 'rises', 0);
    const [limitHour] = passageQuantiles(run, over, [acceptedRisk]);
    const window = chillWindow(run, 4, 1, 0);
    expect(acceptedRisk).toBe(0.05);
    expect(window.closes).toBe('limit');
    expect(window.limitHour).toBe(limitHour);
    expect(window.latest).toBe(limitHour);
    // The fizz comes after the limit: the window is a short one before it, 15 % of the time at hand.
    expect(window.reached).toBe(false);
    expect(window.earliest).toBeCloseTo(limitHour! * 0.85, 6);
    expect(window.best).toBe(window.latest);
    const [low, high] = passageQuantiles(run, over, [0.25, 0.75]);
    expect(window.latestSpread).toBeCloseTo(high! - low!, 6);
  });

  test('never shorter than two hours before a limit, never before the bottle was sealed', () => {
    const late = chillWindow(rising(), 4, 0.01, 24);
    expect(late.latest - late.earliest).toBeLessThanOrEqual(2);
    expect(late.earliest).toBeGreaterThanOrEqual(24);
  });

  test('what the forecast does not reach is said', () => {
    const window = chillWindow(rising(), 4, 99, 0);
    expect(window).toMatchObject({ closes: 'beyond-forecast', latest: 100, earliest: expect.closeTo(80, 3) });
    expect(window.latestSpread).toBe(24);
  });

  test('a first ferment is tasted from 15 % above the wanted sweetness to a quarter below it', () => {
    const run = handmadeRun({
      hours,
      members: 1,
      row: (_, hour) => ({ SUCROSE: 100 - hour }),
      stages: [warmJar],
    });
    expect(tasteWindow(run, 60)).toEqual({
      earliest: expect.closeTo(31, 4),
      best: expect.closeTo(40, 4),
      latest: expect.closeTo(55, 4),
      earliestSpread: 0,
      latestSpread: 0,
    });
    expect(tasteWindow(run, -8)).toMatchObject({ earliest: 100, best: 100, latest: 100, earliestSpread: 24 });
  });
});

describe('liveliness of a jar', () => {
  const alive = (row: Row) =>
    livelinessAt(handmadeRun({ hours: [0], members: 1, row: () => row }), 0, 0, 3.9);

  test('is how much lives there, how ready it is, and whether it has food', () => {
    // mass 1 · q 9/(1+9) · food (0.6 + 0.4·1/2) · 1.1
    expect(alive({ YEAST: 3.6, LACTICS: 0.3, YEAST_READY: 9, SUCROSE: 1 })).toBeCloseTo(0.9 * 0.8 * 1.1, 6);
    expect(alive({ YEAST: 1.8, LACTICS: 0.15, YEAST_READY: 9, GLUCOSE: 1 })).toBeCloseTo(0.45 * 0.8 * 1.1, 6);
    expect(alive({ YEAST: 36, LACTICS: 3, YEAST_READY: 9 })).toBeCloseTo(0.9 * 0.6 * 1.1, 6);
    expect(alive({ YEAST: 9, YEAST_READY: 999, SUCROSE: 99 })).toBe(1);
    expect(alive({})).toBe(0);
  });
});

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
    // Two of one sense count as 2^0.7.
    expect(two[2]).toBeCloseTo(2 ** 0.7 * one[2]!, 9);
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

describe('a bottle that is chilled', () => {
  test('takes three hours on the way, is not burped any more, and is primed no second time', () => {
    const warm = {
      ...warmBottle,
      celsius: 24,
      ventEveryHours: 12,
      addSugars: { sucrose: 5, glucose: 0, fructose: 0 },
      inflows: [],
    };
    const [way, cold, ...rest] = chillStages(warm, 48);
    expect(way).toEqual({ ...warmBottle, hours: 3, celsius: 14, ventEveryHours: null });
    expect(cold).toEqual({ ...warmBottle, hours: 48, celsius: 4, ventEveryHours: null });
    expect(rest).toEqual([]);
  });
});

describe('what hardly any kitchen would show', () => {
  const run = (row: (m: number) => Row, stage = warmBottle) =>
    handmadeRun({ hours: [0, 40], members: 4, row: (m) => row(m), stages: [stage] });
  const said = (
    reading: Parameters<typeof contradictions>[1][number],
    stage = warmBottle,
    row: (m: number) => Row = () => ({ PH: 3.8 }),
  ) => contradictions(run(row, stage), [reading]).map(({ code, sentence }) => [code, sentence]);

  test('a number more than three standard deviations off, its own error counted', () => {
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 0.44 })).toEqual([]);
    expect(said({ kind: 'ph', hour: 20, value: 3.8 - 0.44 })).toEqual([]);
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 0.46 })).toEqual([
      [
        'reading.unusual.ph',
        'A pH of 4.3 after 20 h, at 20 °C is unusual; about 3.8 was expected. Read it again, gas driven off.',
      ],
    ]);
    // Kitchens that differ by 0.4 either way: √(0.4² + 0.15²)·3 = 1.28.
    const wide = (m: number) => ({ PH: m % 2 ? 3.4 : 4.2 });
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 1.27 }, warmBottle, wide)).toEqual([]);
    expect(said({ kind: 'ph', hour: 20, value: 3.8 + 1.29 }, warmBottle, wide)).toHaveLength(1);
    expect(said({ kind: 'sg', hour: 20, value: 1.05 }, warmJar)[0]![1]).toMatch(
      /^A gravity of 1\.050 after 20 h, at 20 °C is unusual; about \d\.\d{3} was expected/,
    );
    expect(said({ kind: 'gaugeBar', hour: 20, value: 3 }, warmJar)[0]![1]).toMatch(
      /^A gauge at 3\.0 bar .* about 0\.0 was/,
    );
    expect(said({ kind: 'celsius', hour: 20, value: 30 }, warmJar)[0]![1]).toMatch(
      /^A temperature of 30\.0 °C /,
    );
    expect(said({ kind: 'brix', hour: 20, value: 30 }, warmJar)[0]![1]).toMatch(
      /^A refractometer at 30\.0 °Brix /,
    );
  });

  test('a word under two per cent likely, each with its own advice', () => {
    const flat = () => ({ PH: 3.8 });
    const full = () => ({ CO2: 14, PH: 3.8 });
    expect(said({ kind: 'squeeze', hour: 20, value: 'rock' }, warmBottle, flat)[0]![1]).toMatch(
      /^So much pressure after 20 h, .* Treat it as dangerous\.$/,
    );
    expect(said({ kind: 'squeeze', hour: 20, value: 'soft' }, warmBottle, full)[0]![1]).toMatch(
      /^No fizz after 20 h/,
    );
    expect(said({ kind: 'hiss', hour: 20, value: 'none' }, warmBottle, full)[0]![1]).toMatch(
      /^No fizz .* leaky seal/,
    );
    expect(said({ kind: 'squeeze', hour: 20, value: 'gives' }, warmBottle, full)[0]![1]).toMatch(
      /^So little fizz/,
    );
    expect(said({ kind: 'squeeze', hour: 20, value: 'rock' }, warmBottle, full)).toEqual([]);
    expect(said({ kind: 'foam', hour: 20, value: 'riding' }, warmJar)[0]![1]).toBe(
      'Foam “riding” after 20 h, at 20 °C is unusual: check the temperature and what went in.',
    );
    expect(said({ kind: 'sweet', hour: 20, value: 5 }, warmJar)[0]![1]).toBe(
      'A taste of 5 in 5 for sweet after 20 h, at 20 °C is unusual: check the sugar that went in.',
    );
    expect(said({ kind: 'colour', hour: 20, value: 'odd' }, warmJar)).toEqual([]);
    expect(said({ kind: 'film', hour: 20, value: 'fuzzy' }, warmJar)).toEqual([]);
  });
});
