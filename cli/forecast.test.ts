import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { Scenario, scenarioExample } from '../src/core/ferment/scenario/scenario';
import { FamilyScenario, familyExample } from '../src/core/forecast/published/family-scenario';
import { publishedSeries } from '../src/core/forecast/published/forecast';
import { sealedBottleGas } from '../src/core/gas/sealed-bottle';

const root = path.join(__dirname, '..');
const ask = (input: unknown) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'cli/forecast.mts', '-'], {
    cwd: root,
    input: typeof input === 'string' ? input : JSON.stringify(input),
    encoding: 'utf8',
  });

describe('the command line', () => {
  test('answers the documented scenario in the documented shape', () => {
    const { status, stdout } = ask(scenarioExample);
    expect(status).toBe(0);
    const out = JSON.parse(stdout);
    expect(out.schema).toBe('yuzet.forecast/1');
    expect(out.hours).toHaveLength(97);
    expect(out.quantiles).toEqual([0.05, 0.25, 0.5, 0.75, 0.95]);
    expect(Object.keys(out.series)).toEqual([...publishedSeries]);
    for (const name of publishedSeries) expect(out.series[name]).toHaveLength(97);
    expect(out.effectiveMembers).toBeGreaterThan(20);
    expect(Array.isArray(out.warnings)).toBe(true);
  });

  test('with no starter and one member it is pure physics', () => {
    const { stdout } = ask({
      schema: 'yuzet.scenario/1',
      sugars: { sucrose: 80 },
      co2Volumes: 3,
      starter: { kind: 'none' },
      members: 1,
      stages: [{ hours: 4, vessel: 'sealed', celsius: 4, sealedAtCelsius: 22, headspaceMl: 40 }],
    });
    const { series } = JSON.parse(stdout);
    const truth = sealedBottleGas(
      {
        liquidMl: 1000,
        headspaceMl: 40,
        celsius: 4,
        sealedAtCelsius: 22,
        sugarGramsPerLitre: 80,
        ethanolGramsPerLitre: 0,
      },
      3,
    );
    expect(series.gaugeBar[4][2]).toBeCloseTo(truth.gaugeBar, 3);
    expect(series.co2Volumes[4][2]).toBeCloseTo(truth.dissolvedVolumes, 3);
    expect(series.sugarGramsPerLitre[4]).toEqual([80, 80, 80, 80, 80]);
  });

  test('bad input exits 2 with one line a problem', () => {
    const { status, stderr, stdout } = ask({
      schema: 'yuzet.scenario/1',
      members: 0,
      stages: [{ hours: -1, vessel: 'bucket', celsius: 20 }],
    });
    expect([status, stdout]).toEqual([2, '']);
    const lines = stderr.trim().split('\n');
    expect(lines).toHaveLength(3);
    expect(lines.join('\n')).toMatch(/^stages\[0\]\.hours: /m);
    expect(ask('{"schema":').status).toBe(2);
    expect(
      spawnSync(process.execPath, ['--import', 'tsx', 'cli/forecast.mts', '/nowhere.json'], { cwd: root })
        .status,
    ).toBe(2);
  });

  test('the published schema and example are the validator’s own', () => {
    const schema = JSON.parse(readFileSync(path.join(root, 'docs/scenario.schema.json'), 'utf8'));
    expect(schema).toEqual(JSON.parse(JSON.stringify(z.toJSONSchema(Scenario, { io: 'input' }))));
    const page = readFileSync(path.join(root, 'docs/scenario.md'), 'utf8');
    const example = JSON.parse(/```json\n([\s\S]*?)```/.exec(page)![1]!);
    expect(example).toEqual(scenarioExample);
  });

  test.each([1, 2])('scenario/1 is answered to the last digit as its golden file has it (%i)', (n) => {
    const golden = (name: string) => readFileSync(path.join(root, `cli/golden/${name}-${n}.json`), 'utf8');
    expect(JSON.parse(ask(golden('scenario')).stdout)).toEqual(JSON.parse(golden('forecast')));
  });

  test('a family is answered lot by lot; its schema and example are the validator’s own', () => {
    const { status, stdout } = ask({ ...familyExample, members: 40 });
    expect(status).toBe(0);
    const out = JSON.parse(stdout);
    expect(out.schema).toBe('yuzet.family-forecast/1');
    expect(out.bottles.map(({ name }: { name: string }) => name)).toEqual(['pilot', 'glass, primed']);
    for (const lot of [out.jar, ...out.bottles])
      for (const name of publishedSeries) expect(lot.series[name]).toHaveLength(lot.hours.length);
    const schema = JSON.parse(readFileSync(path.join(root, 'docs/family.schema.json'), 'utf8'));
    expect(schema).toEqual(JSON.parse(JSON.stringify(z.toJSONSchema(FamilyScenario, { io: 'input' }))));
    const page = readFileSync(path.join(root, 'docs/family.md'), 'utf8');
    expect(JSON.parse(/```json\n([\s\S]*?)```/.exec(page)![1]!)).toEqual(familyExample);
  });
});
