import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import { FamilyScenario } from './published/family-scenario';
import { forecastFamily } from './published/family-forecast';
import { forecast, type Forecast } from './published/forecast';
import { Scenario, type ScenarioInput } from '../ferment/scenario/scenario';

/** What a jar does that chemistry or practice fixes, whatever the priors are. */
const ask = (said: Omit<ScenarioInput, 'schema'>): Forecast =>
  forecast(Scenario.parse({ schema: 'yuzet.scenario/1', members: 160, ...said }), stepper);
const middle = (series: readonly (readonly number[])[], hour = series.length - 1) => series[hour]![2]!;
const bug = { kind: 'ginger-bug', amountPerLitre: 80 } as const;

describe('a hydrometer that is off by the same each time: what it drops counts', () => {
  const plain = { liquidLitres: 0.48, base: 'ginger-tea', sugars: { sucrose: 85 }, starter: bug } as const;
  const stages = [
    { hours: 6, vessel: 'airlock' as const, celsius: 22 },
    { hours: 120, vessel: 'sealed' as const, celsius: 22, headspaceMl: 20 },
  ];
  const unread = ask({ ...plain, stages });
  const hoursTo = (volumes: number, { series }: Forecast) =>
    series.co2Volumes.findIndex((five) => five[2]! >= volumes);
  const read = (off: number) =>
    hoursTo(
      2.5,
      ask({
        ...plain,
        stages,
        readings: [0, 24].map((hour) => ({
          hour,
          kind: 'sg',
          value: middle(unread.series.sg, hour) + off,
        })),
      }),
    );

  test.each([0.005, -0.005])('%d at the start and after a day alike', (off) => {
    expect(read(off) / read(0)).toBeGreaterThan(0.87);
    expect(read(off) / read(0)).toBeLessThan(1.15);
  });
});

test('gravity of juice counts its acids and extract; a must that is dry is not below 0.986', () => {
  const juice = { base: 'juice', starter: { kind: 'wine-yeast', amountPerLitre: 0.5 } } as const;
  const week = [{ hours: 24 * 30, vessel: 'airlock' as const, celsius: 22 }];
  const fresh = ask({ ...juice, sugars: { glucose: 50, fructose: 55 }, stages: week }).series.sg;
  expect(middle(fresh, 0)).toBeGreaterThan(1.0425);
  expect(middle(fresh, 0)).toBeLessThan(1.049);
  const dry = ask({ ...juice, sugars: { glucose: 100, fructose: 110 }, stages: week });
  expect(middle(dry.series.sugarGramsPerLitre)).toBeLessThan(1);
  expect(middle(dry.series.sg)).toBeGreaterThan(0.986);
});

test('a tenth of whey in syrup is no sourer than whey: it brings the salts of its acid', () => {
  const { ph } = ask({
    base: 'syrup',
    sugars: { sucrose: 60 },
    starter: { kind: 'whey', amountPerLitre: 100 },
    stages: [{ hours: 2, vessel: 'airlock', celsius: 22 }],
  }).series;
  expect(Math.abs(middle(ph, 0) - 4.4)).toBeLessThan(0.15);
});

describe('bottles filled after two weeks in the jar: what sank stays behind, what comes is tired', () => {
  test.each([
    [26, 3, 10],
    [12, 14, 30],
  ])('at %d °C 2.5 volumes take %d to %d days', (celsius, least, most) => {
    const { series } = ask({
      liquidLitres: 0.48,
      base: 'ginger-tea',
      sugars: { sucrose: 40 },
      starter: bug,
      stages: [
        { hours: 336, vessel: 'airlock', celsius: 22 },
        { hours: 24 * 32, vessel: 'sealed', celsius, headspaceMl: 20, addSugars: { sucrose: 9 } },
      ],
    });
    const hour = series.co2Volumes.findIndex((five, at) => at > 336 && five[2]! >= 2.5);
    expect((hour - 336) / 24).toBeGreaterThan(least);
    expect((hour - 336) / 24).toBeLessThan(most);
  });
});

test('a tea mother after two weeks at 24 °C: at most 12 g/L of acetic acid, an eighth of its sugar left', () => {
  const { aceticGramsPerLitre, sugarGramsPerLitre, lacticGramsPerLitre } = ask({
    base: 'black-tea',
    sugars: { sucrose: 70 },
    starter: { kind: 'tea-mother', amountPerLitre: 120 },
    stages: [{ hours: 336, vessel: 'open', celsius: 24 }],
  }).series;
  expect(middle(aceticGramsPerLitre)).toBeGreaterThan(8);
  expect(middle(aceticGramsPerLitre)).toBeLessThanOrEqual(12);
  expect(middle(sugarGramsPerLitre)).toBeGreaterThan(0.12 * 70);
  // Gluconic acid is told apart: it counts as neither of them.
  expect(middle(lacticGramsPerLitre)).toBeLessThan(2.5);
});

test.each([
  ['wine-yeast', 14, 16.5],
  ['ale-yeast', 9, 11],
  ['bread-yeast', 8, 10],
] as const)('%s in must of 315 g/L of sugar stops between %d and %d % of alcohol', (kind, least, most) => {
  const { abvPercent } = ask({
    base: 'juice',
    sugars: { glucose: 150, fructose: 165 },
    starter: { kind, amountPerLitre: 1 },
    stages: [{ hours: 24 * 60, vessel: 'airlock', celsius: 22 }],
  }).series;
  expect(middle(abvPercent)).toBeGreaterThan(least);
  expect(middle(abvPercent)).toBeLessThan(most);
});

describe('a family from the command line', () => {
  const family = (said: object) => FamilyScenario.parse({ schema: 'yuzet.family/1', members: 20, ...said });
  const jar = { liquidLitres: 1, stages: [{ hours: 4, vessel: 'airlock', celsius: 20 }] };
  const acid = { ...jar, additions: [{ hour: 1, citricGrams: 3 }] };

  test('3 g of citric acid sour a litre of syrup alike with and without a starter', () => {
    const phOf = (starter: object) =>
      middle(
        forecastFamily(family({ base: 'syrup', sugars: { sucrose: 60 }, jar: acid, ...starter }), stepper).jar
          .series.ph,
        2,
      );
    const alone = phOf({});
    expect(alone).toBeLessThan(3.1);
    expect(Math.abs(alone - phOf({ starter: { kind: 'wine-yeast', amountPerLitre: 0.3 } }))).toBeLessThan(
      0.1,
    );
  });

  test('four litres of bottles from a jar of three are said', () => {
    const filled = (litres: number) =>
      forecastFamily(
        family({
          sugars: { sucrose: 60 },
          starter: bug,
          jar: { ...jar, liquidLitres: 3 },
          bottles: [
            {
              name: 'all',
              fromHour: 2,
              litres,
              stages: [{ hours: 4, vessel: 'sealed', celsius: 20, headspaceMl: 200 }],
            },
          ],
        }),
        stepper,
      ).warnings;
    expect(filled(4)).toEqual([{ code: 'bottles.more-than-jar', params: { filled: 4, there: 3 } }]);
    expect(filled(3)).toEqual([]);
  });

  test('1,200 g/L of sugar are refused', () => {
    const sugars = { sucrose: 400, glucose: 400, fructose: 400 };
    expect(() => family({ sugars, jar })).toThrow(/more than 500 g\/L/);
    expect(() => ask({ sugars, stages: [{ hours: 1, vessel: 'open', celsius: 20 }] })).toThrow(/500 g\/L/);
  });
});
