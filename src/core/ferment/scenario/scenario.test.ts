import { fermentOf } from './ferment';
import { lotSigns } from '../../lots/signs';
import { Scenario, scenarioExample, tooMuchWork } from './scenario';
import { gramStarters, starterKinds } from './scenario-kinds';
import { partOf } from '../../part-of.test-tool';

/** The example with one field at a path set to a value: read, or the path and sentence of the first fault. */
function read(path: string, value: unknown): true | string {
  const copy = partOf<Record<string, unknown>>(structuredClone(scenarioExample));
  const keys = path.split('.');
  let at = copy;
  for (const key of keys.slice(0, -1)) at = (at[key] ??= {}) as Record<string, unknown>;
  if (value === undefined) delete at[keys.at(-1)!];
  else at[keys.at(-1)!] = value;
  const parsed = Scenario.safeParse(copy);
  if (parsed.success) return true;
  const [issue] = parsed.error.issues;
  return `${issue!.path.join('.')}: ${issue!.message}`;
}

const year = 24 * 366;

// What a scenario may say, at both edges.
test.each([
  ['schema', ['yuzet.scenario/1'], ['yuzet.scenario/2', undefined]],
  ['liquidLitres', [0.05, 2.5, undefined], [0.04, 101, '1']],
  ['base', ['syrup', 'juice', 'black-tea', undefined], ['beer']],
  ['citrusMlPerLitre', [0, 300], [-1, 301]],
  ['sugars.sucrose', [0, 400], [-0.1, 400.1, NaN]],
  ['sugars.lactose', [undefined], [5]],
  ['co2Volumes', [0, 8], [-0.1, 8.1]],
  ['starter.kind', ['ginger-bug', 'whey', 'last-batch', 'none'], ['sediment', 'peel', 'pellicle']],
  ['starter.amountPerLitre', [0.1, 1000], [-1, 0, 1001, undefined]],
  ['starter.vigour', [0.02, 5, undefined], [0.01, 5.1]],
  ['starter.ageDays', [0, 3650, undefined], [-1, 3651]],
  ['starter.keptCelsius', [-25, 45, undefined], [-26, 46]],
  ['starter.vigourSpread', [0, 1, undefined], [-0.1, 1.1]],
  ['stages', [], [[], undefined]],
  ['stages.0.hours', [0.1, 1000], [0, -1, year + 1]],
  ['stages.0.vessel', ['open', 'airlock', 'sealed'], ['cloth', undefined]],
  ['stages.0.celsius', [-2, 45], [-3, 46, undefined]],
  ['stages.0.headspaceMl', [0, 100_000, undefined], [-1, 100_001]],
  ['stages.0.sealedAtCelsius', [-2, 45, undefined], [-3, 46]],
  ['stages.0.ventEveryHours', [0.5, 1000, null, undefined], [0.4, 1001]],
  ['stages.0.stirred', [true, false, undefined], ['yes']],
  ['members', [1, 5000, undefined], [0, 5001, 2.5]],
  ['seed', [0, 2 ** 32 - 1, undefined], [-1, 2 ** 32, 0.5]],
  ['stepHours', [0.25, 24, undefined], [0.2, 25]],
  ['readings.0.hour', [0, 96], [-1, 96.1]],
  ['readings.0.value', [0.98, 1.2], [0.97, 1.21]],
  [
    'readings.0',
    [
      { hour: 1, kind: 'brix', value: 45 },
      { hour: 1, kind: 'ph', value: 1.5 },
      { hour: 1, kind: 'gaugeBar', value: 12 },
      { hour: 1, kind: 'celsius', value: 60 },
      { hour: 1, kind: 'sweet', value: 5 },
      { hour: 1, kind: 'lid', value: 'domed' },
    ],
    [
      { hour: 1, kind: 'brix', value: 46 },
      { hour: 1, kind: 'ph', value: 1.4 },
      { hour: 1, kind: 'gaugeBar', value: 12.1 },
      { hour: 1, kind: 'celsius', value: 61 },
      { hour: 1, kind: 'sweet', value: 2.5 },
      { hour: 1, kind: 'sour', value: 6 },
      { hour: 1, kind: 'lid', value: 'tall' },
      { hour: 1, kind: 'colour', value: 'blue' },
    ],
  ],
  ['wish', [undefined], ['more fizz']],
])('%s: what is taken, and what is not', (path, taken, refused) => {
  expect(taken.map((value) => [value, read(path, value)])).toEqual(taken.map((value) => [value, true]));
  for (const value of refused) expect([value, read(path, value)]).toEqual([value, expect.any(String)]);
});

test('the signs are those of the journal', () => {
  // Texture and clarity tell of care alone: no forecast reads them.
  const { texture: _texture, clarity: _clarity, ...told } = lotSigns;
  for (const [kind, words] of Object.entries(told))
    for (const value of words)
      expect([kind, value, read('readings.0', { hour: 1, kind, value })]).toEqual([kind, value, true]);
  for (const kind of ['sweet', 'sour', 'fizz', 'strength'])
    expect(read('readings.0', { hour: 1, kind, value: 3 })).toBe(true);
});

test('a dose is needed but by what lives on the base itself; the work is bounded', () => {
  const of = (kind: string) => read('starter', { kind });
  expect([of('ginger-bug'), of('wine-yeast')]).toEqual([
    'starter.amountPerLitre: how much ginger-bug? Give ml per litre',
    'starter.amountPerLitre: how much wine-yeast? Give g per litre',
  ]);
  expect([of('bare'), of('none')]).toEqual([true, true]);
  expect(tooMuchWork(5000, 800)).toBeNull();
  expect(tooMuchWork(5000, 1000)).toBe(
    '5000 kitchens over 1000 h are more than can be worked out at once: at most 4000 for so long a time',
  );
});

test('what is sealed keeps two per cent of air, what is not need not', () => {
  const stage = (headspaceMl: number, vessel = 'sealed') => [{ hours: 24, vessel, celsius: 21, headspaceMl }];
  expect(read('stages', stage(20))).toBe(true);
  expect(read('stages', stage(19.9))).toBe(
    'stages.0.headspaceMl: leave at least 20 ml (2 %): warmed and gassed the liquid swells by half a percent, and below that a few degrees decide over the pressure',
  );
  expect([read('stages', stage(0, 'open')), read('stages', stage(0, 'airlock'))]).toEqual([true, true]);
  // The example's second stage is sealed over 50 ml.
  expect(read('liquidLitres', 2.6)).toMatch(/^stages\.1\.headspaceMl: leave at least 52 ml/);
  const jar = { schema: 'yuzet.scenario/1', liquidLitres: 100, stages: stage(0, 'open'), readings: [] };
  expect(Scenario.safeParse(jar).success).toBe(true);
});

test('a starter’s amount goes by its own unit; none has none', () => {
  expect(read('starter.unit', 'g')).toBe('starter.unit: ginger-bug is measured in ml');
  expect(read('starter', { kind: 'ale-yeast', amountPerLitre: 0.5, unit: 'ml' })).toBe(
    'starter.unit: ale-yeast is measured in g',
  );
  expect(read('starter', { kind: 'ale-yeast', amountPerLitre: 0.5, unit: 'g' })).toBe(true);
  expect(read('starter', { kind: 'ale-yeast', amountPerLitre: 0.5 })).toBe(true);
  expect([
    read('starter', { kind: 'none', unit: 'g' }),
    read('starter', { kind: 'none', unit: 'ml' }),
  ]).toEqual([true, true]);
  expect(gramStarters).toEqual(['water-kefir-grains', 'bare', 'wine-yeast', 'ale-yeast', 'bread-yeast']);
  expect(starterKinds.at(-1)).toBe('none');
});

test('a year in all, 9,000 steps, and no reading after the end', () => {
  const stage = { vessel: 'open', celsius: 20 };
  const long = (hours: number) => [
    { ...stage, hours },
    { ...stage, hours: 100 },
  ];
  expect(read('stages', long(year - 100))).toBe(true);
  expect(read('stages', long(year - 99))).toBe('stages: more than a year in all');
  const stepped = (hours: number) =>
    Scenario.safeParse({ schema: 'yuzet.scenario/1', stepHours: 0.25, stages: [{ ...stage, hours }] });
  expect(stepped(2250).success).toBe(true);
  expect(stepped(2251).error!.issues).toEqual([
    expect.objectContaining({ path: ['stepHours'], message: 'too fine for so long a time: over 9000 steps' }),
  ]);
  expect(read('readings.0.hour', 97)).toBe('readings.0.hour: after the last stage ends (96 h)');
});

test('what is left out is as the page says', () => {
  expect(
    Scenario.parse({ schema: 'yuzet.scenario/1', stages: [{ hours: 1, vessel: 'open', celsius: 20 }] }),
  ).toEqual({
    schema: 'yuzet.scenario/1',
    liquidLitres: 1,
    base: 'syrup',
    citrusMlPerLitre: 0,
    sugars: { sucrose: 0, glucose: 0, fructose: 0 },
    co2Volumes: 0,
    starter: { kind: 'none', amountPerLitre: 0, vigour: 1, ageDays: 0, keptCelsius: 20 },
    stages: [
      { hours: 1, vessel: 'open', celsius: 20, headspaceMl: 50, ventEveryHours: null, stirred: false },
    ],
    members: 400,
    seed: 7,
    stepHours: 1,
    readings: [],
  });
});

test('the ferment of a scenario: lemon as citric acid, the kind’s own spread unless another is said', () => {
  const scenario = Scenario.parse({ ...scenarioExample, citrusMlPerLitre: 30 });
  expect(fermentOf(scenario)).toMatchObject({
    liquidLitres: 1,
    base: 'ginger-tea',
    citric: 1.5,
    malic: 0,
    culture: { id: 'ginger-bug' },
    amountPerLitre: 80,
    vigour: 1,
    vigourSpread: 0.3,
    kept: null,
    members: 400,
    seed: 7,
    stepHours: 1,
    longSteps: false,
  });
  const said = (starter: object) => fermentOf(Scenario.parse({ ...scenarioExample, starter }));
  expect(said({ kind: 'wild', amountPerLitre: 9 }).vigourSpread).toBe(0.36);
  expect(said({ kind: 'wild', amountPerLitre: 9, vigourSpread: 0.1 }).vigourSpread).toBe(0.1);
  expect(said({ kind: 'none' })).toMatchObject({ culture: null, vigourSpread: 0.28 });
});
