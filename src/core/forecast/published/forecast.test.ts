import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import fc from 'fast-check';
import { Scenario, scenarioExample, type ScenarioInput } from '../../ferment/scenario/scenario';
import { starterKinds } from '../../ferment/scenario/scenario-kinds';
import { fermentOf } from '../../ferment/scenario/ferment';
import { weighedEnsemble } from '../ensemble/ensemble';
import { forecast, publishedSeries } from './forecast';
import { firstPassageHours, passageQuantiles } from '../read-off/first-passage';
import { weightedQuantiles } from '../read-off/weighted-quantiles';
import type { Quantity } from '../run/quantities';
import { normalBelow, seededUniform } from '../run/random';
import { partOf, standIn } from '../../part-of.test-tool';

const ask = (change: Partial<ScenarioInput>): Scenario =>
  Scenario.parse({ schema: 'yuzet.scenario/1', members: 200, ...change } as ScenarioInput);
const stage = (hours: number, vessel: 'open' | 'airlock' | 'sealed', celsius: number, headspaceMl = 40) => ({
  hours,
  vessel,
  celsius,
  headspaceMl,
});
const bug = (change: Partial<ScenarioInput> = {}) =>
  ask({
    base: 'ginger-tea',
    sugars: { sucrose: 90 },
    starter: { kind: 'ginger-bug', amountPerLitre: 80 },
    stages: [stage(140, 'sealed', 21)],
    ...change,
  });
const passing = (
  scenario: Scenario,
  quantity: Quantity,
  level: number,
  direction: 'rises' | 'falls' = 'rises',
) => {
  const { run } = weighedEnsemble(fermentOf(scenario), stepper);
  return passageQuantiles(run, firstPassageHours(run, quantity, level, direction), [0.05, 0.5, 0.95]) as [
    number,
    number,
    number,
  ];
};

describe('practice: medians inside the range makers report, bands wide enough to hold it', () => {
  const holds = ([low, middle, high]: readonly number[], from: number, to: number) => {
    expect(middle).toBeGreaterThanOrEqual(from);
    expect(middle).toBeLessThanOrEqual(to);
    expect(low).toBeLessThanOrEqual(from + 1e-9);
    expect(high).toBeGreaterThanOrEqual(to - 1e-9);
  };

  test.each([
    [20, [40, 50, 60]],
    [27, [21, 28]],
  ])('water kefir at %d °C has half to three quarters of its sweetness gone', (celsius, hours) => {
    const { series } = forecast(
      ask({
        base: 'mineral-sugar',
        sugars: { sucrose: 60 },
        starter: { kind: 'water-kefir-grains', amountPerLitre: 50 },
        stages: [stage(72, 'airlock', celsius)],
      }),
      stepper,
    );
    const at = (hour: number) => series.sweetnessGramsPerLitre[hour]!;
    const middle = at(hours[Math.floor(hours.length / 2) - (hours.length === 2 ? 1 : 0)]!);
    expect(middle[0]).toBeLessThan(15);
    expect(middle[4]).toBeGreaterThan(30);
    expect(at(hours.at(-1)!)[2]).toBeLessThan(30);
    expect(at(hours.at(-1)!)[2]).toBeGreaterThan(11);
  });

  test('strained kefir with sugar in its bottle is lively after one to three days at 20 °C', () => {
    const liquid = ask({
      base: 'mineral-sugar',
      sugars: { sucrose: 45 },
      starter: { kind: 'water-kefir-liquid', amountPerLitre: 950 },
      stages: [stage(140, 'sealed', 20)],
    });
    holds(passing(liquid, 'heldVolumes', 2.5), 24, 72);
  });

  // grams of vinegar a litre and percent of alcohol in the middle: from, to.
  test.each([
    [
      'open kefir, three days at 25 °C',
      'mineral-sugar',
      60,
      'water-kefir-grains',
      60,
      'open',
      72,
      [1, 5],
      [0.5, 2],
    ],
    ['a tea mother, a week under cloth', 'black-tea', 70, 'tea-mother', 120, 'open', 168, [2, 10], [0.3, 2]],
    ['the same under an airlock', 'black-tea', 70, 'tea-mother', 120, 'airlock', 168, [0, 0.3], [0.5, 3.5]],
  ] as const)('%s', (_, base, sucrose, kind, amountPerLitre, vessel, hours, vinegar, alcohol) => {
    const { series } = forecast(
      ask({
        base,
        sugars: { sucrose },
        starter: { kind, amountPerLitre },
        stages: [stage(hours, vessel, 25)],
      }),
      stepper,
    );
    const [acid, strength] = [series.aceticGramsPerLitre[hours]![2], series.abvPercent[hours]![2]];
    expect([acid >= vinegar[0], acid <= vinegar[1], acid]).toEqual([true, true, acid]);
    expect([strength >= alcohol[0], strength <= alcohol[1], strength]).toEqual([true, true, strength]);
  });

  test('water kefir at 27 °C takes 14 to 28 hours to between half and three quarters of its sweetness gone', () => {
    const airlocked = ask({
      base: 'mineral-sugar',
      sugars: { sucrose: 60 },
      starter: { kind: 'water-kefir-grains', amountPerLitre: 50 },
      stages: [stage(100, 'airlock', 27)],
    });
    const half = passing(airlocked, 'sweetnessGramsPerLitre', 30, 'falls');
    const most = passing(airlocked, 'sweetnessGramsPerLitre', 15, 'falls');
    // The quick kitchens are there at the early end, the middling one within, and the band reaches past the late end.
    expect(half[0]).toBeLessThan(14);
    expect(half[1]).toBeGreaterThan(14);
    expect(half[1]).toBeLessThan(28);
    expect(most[0]).toBeLessThan(28);
    expect(most[2]).toBeGreaterThan(28);
  });

  test.each([80, 100])('ginger-bug soda at %d g/L reaches 3 volumes in 2 to 4 days at 21 °C', (sucrose) =>
    holds(passing(bug({ sugars: { sucrose } }), 'heldVolumes', 3), 48, 96),
  );

  test('wine yeast at 1 g/L takes 15 to 36 h at 22 °C', () =>
    holds(
      passing(
        ask({
          sugars: { sucrose: 95 },
          members: 400,
          starter: { kind: 'wine-yeast', amountPerLitre: 1 },
          stages: [stage(90, 'sealed', 22)],
        }),
        'heldVolumes',
        3,
      ),
      15,
      36,
    ));

  test('whey soda at 30 g/L takes 3 to 5 days', () =>
    holds(
      passing(
        ask({
          base: 'ginger-tea',
          sugars: { sucrose: 30 },
          starter: { kind: 'whey', amountPerLitre: 30 },
          stages: [stage(240, 'sealed', 22)],
        }),
        'heldVolumes',
        3,
      ),
      72,
      120,
    ));

  test('raw ginger at 120 g/L shows nothing for about two days and is near dry after two weeks', () => {
    const { series } = forecast(
      ask({
        base: 'raw-ginger',
        sugars: { sucrose: 120 },
        starter: { kind: 'bare' },
        stages: [stage(340, 'airlock', 23)],
      }),
      stepper,
    );
    expect(series.sweetnessGramsPerLitre[44]![2]).toBeGreaterThan(115);
    expect(series.sweetnessGramsPerLitre[336]![2]).toBeLessThan(30);
  });
});

describe('readings', () => {
  const width = (scenario: Scenario) => {
    const [low, , high] = passing(scenario, 'heldVolumes', 2.5);
    return high - low;
  };

  test('a squeeze narrows the forecast and moves it the right way', () => {
    const slow = bug({ readings: [{ hour: 30, kind: 'squeeze', value: 'soft' }] });
    const fast = bug({ readings: [{ hour: 30, kind: 'squeeze', value: 'rock' }] });
    expect(passing(slow, 'heldVolumes', 2.5)[1]).toBeGreaterThan(passing(fast, 'heldVolumes', 2.5)[1]);
    const three = [20, 28, 36].map((hour, i) => ({
      hour,
      kind: 'gaugeBar' as const,
      value: [0.8, 1.3, 1.8][i]!,
    }));
    expect(width(bug({ readings: three }))).toBeLessThan(width(bug()) / 2);
  });

  test('a reading that is just what was expected tells the same within an hour after bottling as before it', () => {
    const primed = (readings: Scenario['readings'] = []) =>
      forecast(
        bug({
          members: 1000,
          stages: [stage(24, 'airlock', 21), { ...stage(40, 'sealed', 21, 20), addSugars: { sucrose: 8 } }],
          readings,
        }),
        stepper,
      ).series;
    const plain = primed();
    const fizzAfter = (kind: 'sg' | 'gaugeBar', hour: number) =>
      primed([{ hour, kind, value: plain[kind][hour]![2] }]).co2Volumes[60]![2] / plain.co2Volumes[60]![2];
    // Kitchens lie closer together on one side of the middle than on the other: a coarse tool leans there a little, whenever it is read.
    const [before, after, gauge] = [fizzAfter('sg', 23), fizzAfter('sg', 25), fizzAfter('gaugeBar', 25)];
    expect(Math.abs(after - before)).toBeLessThan(0.03);
    for (const shift of [before, after, gauge]) expect(Math.abs(shift - 1)).toBeLessThan(0.08);
  });

  test('what hardly any kitchen would show is said, not bent to', () => {
    const { warnings } = forecast(bug({ readings: [{ hour: 80, kind: 'hiss', value: 'none' }] }), stepper);
    expect(warnings).toContainEqual({
      code: 'reading.unusual',
      params: expect.objectContaining({ reading: { hour: 80, kind: 'hiss', value: 'none' }, below: true }),
    });
    const heavy = forecast(bug({ readings: [{ hour: 40, kind: 'sg', value: 1.12 }] }), stepper);
    expect(heavy.warnings[0]).toMatchObject({ params: { reading: { kind: 'sg', value: 1.12 } } });
  });

  test('an ordinary reading raises no warning, and the weights do not collapse', () => {
    const { warnings, effectiveMembers } = forecast(
      bug({
        readings: [
          { hour: 30, kind: 'sweet', value: 5 },
          { hour: 36, kind: 'squeeze', value: 'firm' },
        ],
      }),
      stepper,
    );
    expect(warnings).toEqual([]);
    expect(effectiveMembers).toBeGreaterThan(30);
  });
});

describe('laws', () => {
  const scenarios = fc.record({
    base: fc.constantFrom('syrup', 'ginger-tea', 'fruit'),
    sugars: fc.record({ sucrose: fc.integer({ min: 0, max: 150 }) }),
    starter: fc.record({
      kind: fc.constantFrom(...starterKinds),
      amountPerLitre: fc.integer({ min: 1, max: 120 }),
    }),
    stages: fc.array(
      fc.record({
        hours: fc.integer({ min: 1, max: 40 }),
        vessel: fc.constantFrom('open', 'airlock', 'sealed'),
        celsius: fc.integer({ min: 0, max: 38 }),
        headspaceMl: fc.integer({ min: 20, max: 200 }),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    members: fc.integer({ min: 1, max: 12 }),
    seed: fc.integer({ min: 0, max: 1e6 }),
  });

  test('quantiles are finite and in order, and the same seed gives the same bytes', () => {
    fc.assert(
      fc.property(scenarios, (input) => {
        const answer = forecast(ask(partOf(input)), stepper);
        for (const name of publishedSeries) {
          for (const five of answer.series[name]) {
            for (let i = 0; i < 5; i++) {
              if (!Number.isFinite(five[i]) || (i > 0 && five[i]! < five[i - 1]! - 1e-9))
                throw new Error(`${name}: ${five.join(' ')}`);
            }
          }
        }
        expect(JSON.stringify(forecast(ask(partOf(input)), stepper))).toBe(JSON.stringify(answer));
      }),
      { seed: 21, numRuns: 60 },
    );
  });

  test('2,000 broken scenarios are each refused with a path and a reason', () => {
    const good = { ...scenarioExample, schema: 'yuzet.scenario/1' };
    const uniform = seededUniform(99);
    const breaks: ((s: Record<string, never>) => unknown)[] = [
      (s) => ({ ...s, schema: 'other/1' }),
      (s) => ({ ...s, liquidLitres: -uniform() }),
      (s) => ({ ...s, base: `soup-${uniform()}` }),
      (s) => ({ ...s, members: 0.5 + uniform() * 0.4 }),
      (s) => ({ ...s, stages: [] }),
      (s) => ({ ...s, stages: [{ hours: -1 - uniform(), vessel: 'open', celsius: 20 }] }),
      (s) => ({ ...s, stages: [{ hours: 5, vessel: 'sealed', celsius: 60 + uniform() * 100 }] }),
      (s) => ({ ...s, sugars: { sucrose: 'many' } }),
      (s) => ({ ...s, surprise: uniform() }),
      (s) => ({ ...s, starter: { kind: 'ginger-bug', unit: 'g' } }),
      (s) => ({ ...s, readings: [{ hour: 1000 + uniform() * 1000, kind: 'sg', value: 1.02 }] }),
      (s) => ({ ...s, readings: [{ hour: 1, kind: 'squeeze', value: 'mushy' }] }),
      (s) => ({ ...s, stepHours: NaN }),
      () => null,
    ];
    for (let i = 0; i < 2000; i++) {
      const broken = breaks[Math.floor(uniform() * breaks.length)]!(standIn(good));
      const result = Scenario.safeParse(broken);
      expect(result.success).toBe(false);
      expect(result.error!.issues[0]).toMatchObject({
        path: expect.any(Array),
        message: expect.stringMatching(/\S/),
      });
    }
  });

  test('weighted quantiles of a known sample', () => {
    expect(weightedQuantiles([3, 1, 2], [1, 1, 1], [0.5])).toEqual([2]);
    expect(weightedQuantiles([5, 9], [1, 0], [0.05, 0.95])).toEqual([5, 5]);
    expect(() => weightedQuantiles([1], [0], [0.5])).toThrow(RangeError);
    expect(normalBelow(1.96)).toBeCloseTo(0.975, 3);
  });
});
