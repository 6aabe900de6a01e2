import { slots } from '../../ferment/state/state';
import { gramsPerVolume } from '../../gas/co2-solubility';
import { betweenHours, hourIndexAt } from '../run/hour-index';
import {
  handmadeRun,
  hundredHours,
  risingBottles,
  warmBottle,
  warmJar,
  type Row,
} from '../handmade.test-tool';
import { firstPassageHours, passageQuantiles } from './first-passage';
import { placesOf, seriesOf, valuesAt } from './quantiles';
import { weightedQuantiles } from './weighted-quantiles';
import { quantities } from '../run/quantities';
import { rowAt } from '../run/stored-run';

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

  test('sugar adds up, sweetness weighs glucose 0.70 and fructose 1.2', () => {
    expect(of('sugarGramsPerLitre')).toBe(60);
    expect(of('sweetnessGramsPerLitre')).toBeCloseTo(10 + 14 + 36, 5);
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
    const run = risingBottles();
    expect([rowAt(run, 0, 1), rowAt(run, 2, 3)]).toEqual([5 * slots.ROW_SIZE, (3 * 5 + 2) * slots.ROW_SIZE]);
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
    const series = seriesOf(risingBottles(), 'heldVolumes');
    expect(series).toHaveLength(101);
    expect(series[100]!.map((value) => Number(value.toFixed(3)))).toEqual([2, 2.75, 4, 5.25, 6]);
  });
});

describe('passages', () => {
  test('each kitchen passes where its line crosses the level', () => {
    const passes = firstPassageHours(risingBottles(), 'heldVolumes', 1.5, 'rises');
    expect([...passes].map((hour) => Number(hour.toFixed(3)))).toEqual([75, 50, 37.5, 30, 25]);
    expect(
      [...firstPassageHours(risingBottles(), 'heldVolumes', 2.5, 'rises')].map((hour) =>
        Number(hour.toFixed(3)),
      ),
    ).toEqual([Infinity, 83.333, 62.5, 50, 41.667]);
    expect(
      [...firstPassageHours(risingBottles(), 'heldVolumes', 1, 'rises', 40)].map((hour) =>
        Number(hour.toFixed(3)),
      ),
    ).toEqual([50, 40, 40, 40, 40]);
    expect(passageQuantiles(risingBottles(), passes, [0.5])).toEqual([expect.closeTo(37.5, 3)]);
  });

  test('a quantity that falls passes from above', () => {
    const run = handmadeRun({
      hours: hundredHours,
      members: 2,
      row: (m, hour) => ({ SUCROSE: 80 - (m + 1) * 0.5 * hour }),
      stages: [warmJar],
    });
    expect([...firstPassageHours(run, 'sweetnessGramsPerLitre', 60, 'falls')]).toEqual([
      expect.closeTo(40, 4),
      expect.closeTo(20, 4),
    ]);
  });
});
