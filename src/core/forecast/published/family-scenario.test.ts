import { familyExample, FamilyScenario } from './family-scenario';

const faults = (more: object) =>
  (FamilyScenario.safeParse({ ...familyExample, ...more }).error?.issues ?? []).map(
    ({ path, message }) => `${path.join('.')}: ${message}`,
  );
const pilot = familyExample.bottles![0]!;
const bottle = (more: object) => ({ bottles: [{ ...pilot, readings: [], ...more }] });
const jar = (more: object) => ({ jar: { ...familyExample.jar, additions: [], readings: [], ...more } });

describe('what a published family may be', () => {
  test('what cannot be is refused with its path', () => {
    const bad = FamilyScenario.safeParse({
      ...familyExample,
      bottles: [
        {
          name: 'x',
          fromHour: 40,
          litres: 0.5,
          stages: [{ hours: 5, vessel: 'sealed', celsius: 20 }],
          readings: [{ hour: 99, kind: 'sg', value: 1.01 }],
        },
      ],
      jar: { ...familyExample.jar, additions: [{ hour: 30, litres: 1 }] },
    });
    expect(bad.error!.issues.map(({ path }) => path.join('.'))).toEqual([
      'jar.additions.0.hour',
      'bottles.0.fromHour',
      'bottles.0.readings.0.hour',
    ]);
    expect(
      FamilyScenario.safeParse({ ...familyExample, jar: { ...familyExample.jar, additions: [{ hour: 3 }] } })
        .success,
    ).toBe(false);
  });

  test('the example is one, and what is left out has its usual value', () => {
    const {
      members,
      bottles,
      jar: its,
    } = FamilyScenario.parse({
      ...familyExample,
      ...jar({ additions: [{ hour: 1, litres: 1 }] }),
      ...bottle({}),
    });
    expect([members, bottles[0]!.sucroseGrams, bottles[0]!.readings]).toEqual([720, 0, []]);
    expect(its.additions).toEqual([
      {
        hour: 1,
        litres: 1,
        sucroseGrams: 0,
        glucoseGrams: 0,
        fructoseGrams: 0,
        citricGrams: 0,
        malicGrams: 0,
      },
    ]);
    expect(faults({})).toEqual([]);
  });

  test('something must be added, be it a litre or a gram of any sugar or acid', () => {
    for (const some of [{ litres: 1 }, { sucroseGrams: 1 }, { glucoseGrams: 1 }, { fructoseGrams: 1 }])
      expect(faults(jar({ additions: [{ hour: 1, ...some }] }))).toEqual([]);
    for (const acid of [{ citricGrams: 1 }, { malicGrams: 1 }])
      expect(faults(jar({ additions: [{ hour: 1, ...acid }] }))).toEqual([]);
    expect(faults(jar({ additions: [{ hour: 1 }] }))).toEqual(['jar.additions.0: something must be added']);
  });

  test('what is sealed keeps two per cent of air: the jar by its own liquid, a bottle by its own', () => {
    const stage = (headspaceMl: number) => ({
      hours: 24,
      vessel: 'sealed' as const,
      celsius: 22,
      headspaceMl,
    });
    expect(faults(jar({ stages: [stage(40)] }))).toEqual([]);
    expect(faults(jar({ stages: [stage(39)] }))).toEqual([
      expect.stringMatching(/^jar\.stages\.0\.headspaceMl: leave at least 40 ml \(2 %\)/),
    ]);
    expect(faults(bottle({ litres: 0.5, stages: [stage(20), stage(10)] }))).toEqual([]);
    expect(faults(bottle({ litres: 0.5, stages: [stage(20), stage(9)] }))).toEqual([
      expect.stringMatching(/^bottles\.0\.stages\.1\.headspaceMl: leave at least 10 ml \(2 %\)/),
    ]);
  });

  test('hours lie within the jar’s and the bottle’s own time, to the very end', () => {
    expect(
      faults(jar({ additions: [{ hour: 24, litres: 1 }], readings: [{ hour: 24, kind: 'ph', value: 4 }] })),
    ).toEqual([]);
    expect(faults(jar({ readings: [{ hour: 24.1, kind: 'ph', value: 4 }] }))).toEqual([
      "jar.readings.0.hour: after the jar's last stage ends (24 h)",
    ]);
    const read = (hour: number) => faults(bottle({ readings: [{ hour, kind: 'squeeze', value: 'firm' }] }));
    expect([read(24), read(96), read(23.9), read(96.1)]).toEqual([
      [],
      [],
      ["bottles.0.readings.0.hour: outside this bottle's time (24–96 h)"],
      ["bottles.0.readings.0.hour: outside this bottle's time (24–96 h)"],
    ]);
    expect(faults(bottle({ fromHour: 24 }))).toEqual([]);
  });

  test('too many kitchens over too many hours, and steps too fine, are refused', () => {
    const long = { stages: [{ hours: 6000, vessel: 'sealed', celsius: 4 }] };
    expect(faults({ ...bottle(long), members: 2000 })).toEqual([
      expect.stringContaining('members: 2000 kitchens over 6024 h'),
    ]);
    expect(faults({ ...bottle(long), members: 10, stepHours: 0.5 })).toEqual([
      'stepHours: too fine for so long a time: over 9000 steps',
    ]);
    expect(faults({ ...bottle(long), members: 10, stepHours: 1 })).toEqual([]);
  });

  test('a dose has its amount, in its own unit', () => {
    expect(faults({ starter: { kind: 'ginger-bug', amountPerLitre: 0 } })).toEqual([
      'starter.amountPerLitre: how much ginger-bug? Give ml per litre',
    ]);
    expect(faults({ starter: { kind: 'ginger-bug', amountPerLitre: 80, unit: 'g' } })).toEqual([
      'starter.unit: ginger-bug is measured in ml',
    ]);
  });

  test('nothing is below nothing, or beyond what a kitchen holds', () => {
    const first = (more: object) => FamilyScenario.safeParse({ ...familyExample, ...more }).success;
    expect([
      first({ members: 0 }),
      first({ members: 2001 }),
      first(jar({ liquidLitres: 0.04 })),
      first(jar({ liquidLitres: 101 })),
      first(bottle({ litres: 0.01 })),
      first(bottle({ litres: 21 })),
      first(bottle({ name: '' })),
      first(bottle({ name: 'x'.repeat(81) })),
      first(bottle({ sucroseGrams: -1 })),
      first(bottle({ stages: [] })),
      first(bottle({ more: 1 })),
      first({ bottles: Array.from({ length: 61 }, () => ({ ...pilot, readings: [] })) }),
    ]).toEqual(Array<boolean>(12).fill(false));
    expect([
      first({ members: 1 }),
      first(bottle({ litres: 0.02 })),
      first(bottle({ litres: 20, stages: [{ ...pilot.stages[0], headspaceMl: 400 }] })),
      first(bottle({ name: 'x'.repeat(80) })),
    ]).toEqual(Array<boolean>(4).fill(true));
  });
});
