import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { Scenario } from '../../ferment/scenario/scenario';
import { familyOfScenario, forecastFamily } from './family-forecast';
import { familyExample, FamilyScenario, type FamilyScenarioInput } from './family-scenario';
import { forecast } from './forecast';

describe('the published family question', () => {
  const parsed = FamilyScenario.parse({ ...familyExample, members: 48 });

  test('answers for the jar and each bottle, and the same bytes each time', () => {
    const answer = forecastFamily(parsed, stepper);
    expect(answer.schema).toBe('yuzet.family-forecast/1');
    expect(answer.bottles.map(({ name }) => name)).toEqual(['pilot', 'glass, primed']);
    const [pilot, glass] = answer.bottles;
    const at = (lot: typeof pilot, hour: number) => lot!.hours.findIndex((each) => each >= hour - 1e-9);
    expect(pilot!.series.sg[10]).toEqual(answer.jar.series.sg[10]);
    const primed =
      glass!.series.sugarGramsPerLitre[at(glass, 25)]![2] -
      pilot!.series.sugarGramsPerLitre[at(pilot, 25)]![2];
    expect(primed).toBeGreaterThan(3.7);
    expect(primed).toBeLessThan(4.3);
    expect(glass!.series.gaugeBar[at(glass, 90)]![2]).toBeLessThan(pilot!.series.gaugeBar[at(pilot, 90)]![2]);
    expect(JSON.stringify(forecastFamily(parsed, stepper))).toBe(JSON.stringify(answer));
  });

  test('with one bottle and nothing added it agrees with the scenario of one vessel', () => {
    const stages = [
      { hours: 24, vessel: 'airlock' as const, celsius: 22 },
      { hours: 60, vessel: 'sealed' as const, celsius: 22, headspaceMl: 20 },
    ];
    const common = {
      base: 'ginger-tea' as const,
      sugars: { sucrose: 85 },
      starter: { kind: 'ginger-bug', amountPerLitre: 80 },
      members: 1,
    };
    const one = forecast(
      Scenario.parse({ schema: 'yuzet.scenario/1', ...common, liquidLitres: 0.48, stages }),
      stepper,
    );
    const family = forecastFamily(
      FamilyScenario.parse({
        schema: 'yuzet.family/1',
        ...common,
        jar: { liquidLitres: 0.48, stages: [stages[0]!] },
        bottles: [{ name: 'b', fromHour: 24, litres: 0.48, stages: [stages[1]!] }],
      }),
      stepper,
    );
    const [bottle] = family.bottles;
    for (const hour of [30, 50, 84]) {
      const i = bottle!.hours.indexOf(hour);
      expect(bottle!.series.sweetnessGramsPerLitre[i]![2]).toBeCloseTo(
        one.series.sweetnessGramsPerLitre[hour]![2],
        2,
      );
      expect(Math.abs(bottle!.series.gaugeBar[i]![2] - one.series.gaugeBar[hour]![2])).toBeLessThan(0.06);
    }
  });
});

describe('the family that a published question describes', () => {
  const jar = {
    liquidLitres: 2,
    stages: [
      { hours: 24, vessel: 'airlock' as const, celsius: 22 },
      { hours: 12, vessel: 'open' as const, celsius: 20 },
    ],
  };
  const of = (more: Partial<FamilyScenarioInput['jar']> = {}, bottles: FamilyScenarioInput['bottles'] = []) =>
    familyOfScenario(FamilyScenario.parse({ ...familyExample, jar: { ...jar, ...more }, bottles }));
  const told = (family: ReturnType<typeof of>) =>
    family.root.stages.map(({ hours, vessel, liquidMl, inflows }) => [
      hours,
      vessel,
      Math.round(liquidMl!),
      inflows?.length ?? 0,
    ]);

  test('with nothing added the jar’s stages stand as they are, with its litres', () => {
    const family = of();
    expect(told(family)).toEqual([
      [24, 'airlock', 2000, 0],
      [12, 'open', 2000, 0],
    ]);
    expect([family.lots, family.root.longSteps, family.root.readings]).toEqual([['jar'], true, []]);
  });

  test('what is added cuts a stage where it came, and swells the jar: a gram of sugar by 0.62 ml, of acid by 0.64', () => {
    const family = of({
      additions: [
        {
          hour: 30,
          litres: 0.5,
          sucroseGrams: 40,
          glucoseGrams: 10,
          fructoseGrams: 5,
          citricGrams: 2,
          malicGrams: 1,
        },
        { hour: 10, sucroseGrams: 50 },
      ],
    });
    expect(told(family)).toEqual([
      [10, 'airlock', 2000, 0],
      [14, 'airlock', 2031, 1],
      [6, 'open', 2031, 0],
      [6, 'open', 2567, 1],
    ]);
    const [, dry, , wet] = family.root.stages;
    expect(dry!.inflows).toEqual([
      expect.objectContaining({
        share: expect.closeTo(0.031 / 2.031, 9),
        sucrose: expect.closeTo(50 / 0.031, 6),
        glucose: 0,
        yeast: 0,
        lactic: 0,
      }),
    ]);
    const added = 0.5 + 55 * 0.00062 + 3 * 0.00064;
    expect(wet!.inflows![0]).toMatchObject({
      share: expect.closeTo(added / (2.031 + added), 9),
      sucrose: expect.closeTo(40 / added, 9),
      glucose: expect.closeTo(10 / added, 9),
      fructose: expect.closeTo(5 / added, 9),
      citric: expect.closeTo(2 / added, 9),
      malic: expect.closeTo(1 / added, 9),
    });
  });

  test('two at one moment come in together; at the start, and where a stage begins, nothing is cut', () => {
    const family = of({
      additions: [
        { hour: 0, litres: 0.1 },
        { hour: 24, litres: 0.2 },
        { hour: 24, sucroseGrams: 10 },
      ],
    });
    expect(told(family)).toEqual([
      [24, 'airlock', 2100, 1],
      [12, 'open', 2306, 2],
    ]);
    expect(family.root.stages[1]!.inflows!.map(({ share }) => share)).toEqual([
      expect.closeTo(0.2 / 2.3, 9),
      expect.closeTo(0.0062 / 2.3062, 9),
    ]);
  });

  test('a bottle is drawn from the jar, its own sugar stirred into its first stage alone', () => {
    const stages = [
      { hours: 30, vessel: 'sealed' as const, celsius: 22, headspaceMl: 20 },
      { hours: 42, vessel: 'sealed' as const, celsius: 4, headspaceMl: 20 },
    ];
    const { branches } = of({}, [
      {
        name: 'plain',
        fromHour: 24,
        litres: 0.48,
        stages,
        readings: [{ hour: 30, kind: 'sg', value: 1.02 }],
      },
      { name: 'primed', fromHour: 20, litres: 0.5, sucroseGrams: 3, stages },
    ]);
    expect(
      branches.map(({ lots, parent, fromHour, liquidLitres }) => [lots, parent, fromHour, liquidLitres]),
    ).toEqual([
      [['plain'], -1, 24, 0.48],
      [['primed'], -1, 20, 0.5],
    ]);
    expect(branches[0]!.readings).toEqual([{ hour: 30, kind: 'sg', value: 1.02 }]);
    expect(
      branches.map((branch) =>
        branch.stages.map(({ liquidMl, inflows }) => [liquidMl, inflows?.length ?? 0]),
      ),
    ).toEqual([
      [
        [480, 0],
        [480, 0],
      ],
      [
        [500, 1],
        [500, 0],
      ],
    ]);
    const [own] = branches[1]!.stages[0]!.inflows!;
    expect(own!.share).toBeCloseTo(0.00186 / 0.50186, 9);
    expect(own!.sucrose).toBeCloseTo(1000 / 0.62, 6);
  });
});
