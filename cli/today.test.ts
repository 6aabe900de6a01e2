import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { z } from 'zod';
import { dawn, TestKitchen } from '../src/core/forecast/kitchen.test-tool';
import { journalOf } from '../src/core/journal/journal';
import { hourMs } from '../src/core/duration';
import { todayOf } from './today/today';

const root = path.join(__dirname, '..');
const folder = mkdtempSync(path.join(tmpdir(), 'yuzet-'));
const journal = path.join(folder, 'journal.json');
const run = (command: string, ...args: string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', `cli/${command}.mts`, ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, TZ: 'Europe/Lisbon' },
  });
function write(...acts: object[]): string[] {
  const file = path.join(folder, 'acts.json');
  writeFileSync(file, JSON.stringify(acts));
  const { status, stdout, stderr } = run('write', journal, file);
  expect([status, stderr]).toEqual([0, '']);
  return JSON.parse(stdout);
}

/** What is promised of yuzet.today/1. */
const five = z.array(z.number()).length(5).nullable();
const Said = z.strictObject({
  schema: z.literal('yuzet.today/1'),
  at: z.string(),
  tasks: z.array(
    z.strictObject({
      id: z.string(),
      verb: z.string(),
      lots: z.array(z.string()).min(1),
      from: z.string(),
      until: z.string().nullable(),
      lateHours: z.number().min(0),
      headline: z.string().refine((text) => text.split(' ').length <= 12),
      reason: z.string().refine((text) => text.split(' ').length <= 12),
      caution: z.string().nullable(),
      amounts: z.array(
        z.strictObject({ what: z.string(), grams: z.number().optional(), ml: z.number().optional() }),
      ),
      chance: z.number().min(0).max(1).nullable(),
      rule: z.array(
        z.strictObject({
          sense: z.string(),
          result: z.string(),
          verb: z.enum(['chill', 'bottle', 'strain', 'look']),
          at: z.string().nullable(),
        }),
      ),
    }),
  ),
  lots: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      role: z.enum(['starter', 'brew', 'bottle']),
      stage: z.string(),
      litres: z.number(),
      place: z.string(),
      celsius: z.number(),
      sugarGramsPerLitre: five,
      co2Volumes: five,
      gaugeBar: five,
      abvPercent: five,
      ph: five,
      liveliness: five,
      limitBar: z.number().nullable(),
      burstChance: z.number().nullable(),
    }),
  ),
});
const today = (at: string) => {
  const { status, stdout, stderr } = run('today', journal, '--at', at, '--json');
  expect([status, stderr]).toEqual([0, '']);
  return { text: stdout, said: Said.parse(JSON.parse(stdout)) };
};

test('two jars that are due together are two tasks, each with its own amounts', () => {
  const kitchen = new TestKitchen(22);
  const jars = [600, 300].map((ml) =>
    kitchen.jar(-240, 'ginger-bug', [
      { what: 'water', ml },
      { what: 'ginger', grams: ml / 20 },
      { what: 'white-sugar', grams: ml / 20 },
    ]),
  );
  const fed = [18, 9];
  for (const [i, lotId] of jars.entries())
    kitchen.at(0, { kind: 'portions-added', lotId, portions: [{ what: 'white-sugar', grams: fed[i] }] });
  const now = dawn + 20 * hourMs;
  const feeds = todayOf(journalOf(kitchen.entries, now).household, now).tasks.filter(
    ({ verb }) => verb === 'feed',
  );
  expect(feeds.map(({ lots }) => lots)).toEqual(expect.arrayContaining(jars.map((id) => [id])));
  // As much for each as it was fed last.
  for (const [i, id] of jars.entries())
    expect(feeds.find(({ lots }) => lots[0] === id)!.amounts).toContainEqual({
      what: 'white-sugar',
      grams: fed[i],
    });
});

describe('a household from the command line', () => {
  let bottles: string[] = [];

  test('acts are appended, a week of a bug soda told from nothing', () => {
    const [bug] = write({
      kind: 'lot-begun',
      at: '2026-06-01T18:00',
      role: 'starter',
      name: 'Tarn',
      vessel: { kind: 'jar', ml: 1000 },
      closure: 'cloth',
      place: 'counter',
      culture: 'ginger-bug',
      portions: [
        { what: 'water', ml: 500 },
        { what: 'ginger', grams: 25 },
        { what: 'white-sugar', grams: 25 },
      ],
    });
    const feeds = [1, 2, 3, 4, 5].map((day) => ({
      kind: 'portions-added',
      at: `2026-06-0${1 + day}T18:00`,
      lotId: bug!,
      portions: [
        { what: 'ginger', grams: 15 },
        { what: 'white-sugar', grams: 15 },
      ],
    }));
    expect(write(...feeds)).toHaveLength(5);
    const [brew] = write({
      kind: 'lot-begun',
      at: '2026-06-07T17:00',
      role: 'brew',
      name: 'Sloe and bay',
      vessel: { kind: 'jar', ml: 3000 },
      closure: 'airlock',
      place: 'counter',
      culture: null,
      recipe: { base: 'ginger-tea', wantedVolumes: 2.4 },
      portions: [
        { what: 'water', ml: 1900 },
        { what: 'white-sugar', grams: 155 },
      ],
    });
    const bottle = (name: string, kind: 'swing-top' | 'plastic-soda') => ({
      ml: 470,
      begin: {
        role: 'bottle',
        name,
        vessel: { kind, ml: 500 },
        closure: 'sealed',
        place: 'counter',
        culture: null,
      },
    });
    const [, filled] = write(
      {
        kind: 'transferred',
        at: '2026-06-07T18:00',
        from: bug!,
        taken: 'liquid',
        celsius: 21,
        targets: [{ lotId: brew!, ml: 160 }],
      },
      {
        kind: 'transferred',
        at: '2026-06-07T19:00',
        from: brew!,
        taken: 'liquid',
        targets: [bottle('1', 'swing-top'), bottle('2', 'swing-top'), bottle('3', 'plastic-soda')],
      },
    );
    bottles = [1, 2, 3].map((number) => `${filled}-${number}`);
    expect(JSON.parse(readFileSync(journal, 'utf8')).entries).toHaveLength(9);
  });

  test('its Today: the same to the byte, with a rule that squeezes the soft bottle and never the glass', () => {
    const { text, said } = today('2026-06-08T08:00');
    expect(today('2026-06-08T08:00').text).toBe(text);
    const look = said.tasks.find(({ verb }) => verb === 'look')!;
    expect([...look.lots].sort()).toEqual(bottles);
    expect(look.headline).toBe('Squeeze bottle 3 of Sloe and bay');
    expect(look.caution).toContain('Glasses on');
    expect(new Set(look.rule.map(({ sense }) => sense))).toEqual(new Set([`squeeze ${bottles[2]}`]));
    expect(look.rule.map(({ result }) => result)).toEqual(['soft', 'gives', 'firm', 'rock']);
    const glass = said.lots.find(({ id }) => id === bottles[0])!;
    expect(glass).toMatchObject({ role: 'bottle', stage: 'conditioning', litres: 0.47, limitBar: 2.8 });
    // Quantiles rise, and nobody's glass is near its limit half a day after it was filled.
    expect([...glass.gaugeBar!].sort((a, b) => a - b)).toEqual(glass.gaugeBar);
    expect(glass.burstChance).toBeLessThan(1e-3);
  });

  test('what was seen moves it: rock hard, and they are to be chilled', () => {
    write({
      kind: 'observed',
      at: '2026-06-09T20:00',
      lotId: bottles[2]!,
      signs: { squeeze: 'rock' },
    });
    const { said } = today('2026-06-09T20:05');
    const chill = said.tasks.find(({ lots }) => lots.includes(bottles[0]!))!;
    expect(new Date(chill.until!).getTime()).toBeLessThan(new Date('2026-06-10T13:00').getTime());
    write({ kind: 'moved', at: '2026-06-09T20:10', lots: bottles, place: 'fridge' });
    const after = today('2026-06-09T20:15').said;
    expect(after.tasks.some(({ verb }) => verb === 'chill' || verb === 'look')).toBe(false);
    expect(after.lots.find(({ id }) => id === bottles[0])!.stage).toBe('chilled');
  });

  test('a jar: grains that are to be strained, and a first ferment, are tasted; dry is strained, a sip moves it', () => {
    const [grains] = write({
      kind: 'lot-begun',
      at: '2026-06-11T09:00',
      role: 'starter',
      name: 'Beads',
      vessel: { kind: 'jar', ml: 1500 },
      closure: 'cloth',
      place: 'counter',
      culture: 'water-kefir-grains',
      portions: [
        { what: 'kefir-grains', grams: 55 },
        { what: 'water', ml: 950 },
        { what: 'cane-sugar', grams: 58 },
      ],
    });
    const cards = today('2026-06-12T07:30').said.tasks.filter(({ lots }) => lots[0] === grains);
    const taste = cards.find(({ verb }) => verb === 'look')!;
    expect(taste.headline).toBe('Taste Beads');
    expect(new Set(taste.rule.map(({ sense }) => sense))).toEqual(new Set([`sweet ${grains}`]));
    const verbs = taste.rule.map(({ verb }) => verb);
    expect(verbs[0]).toBe('strain');
    expect(verbs.at(-1)).toBe('look');
    // The amounts of the feed are there for who strains at once.
    expect(taste.amounts.map(({ what }) => what)).toContain('water');
    write({ kind: 'tasted', at: '2026-06-12T18:00', lotId: grains, sweet: 1 });
    const { tasks } = today('2026-06-12T18:05').said;
    const strain = tasks.find(({ lots }) => lots[0] === grains)!;
    expect(strain.verb).toBe('feed');
    expect(new Date(strain.from).getTime()).toBeLessThan(new Date('2026-06-12T18:05').getTime());
  });

  test('bad input exits 2 with a sentence, and the journal stays as it is', () => {
    const before = readFileSync(journal, 'utf8');
    const file = path.join(folder, 'bad.json');
    writeFileSync(
      file,
      JSON.stringify([
        { kind: 'observed', at: '2026-06-10T08:00', lotId: bottles[0], signs: { squeeze: 'hard' } },
      ]),
    );
    const refused = run('write', journal, file);
    expect([refused.status, refused.stdout]).toEqual([2, '']);
    expect(refused.stderr).toMatch(/^act 1: /);
    writeFileSync(file, JSON.stringify({ kind: 'stirred', lots: [bottles[0]] }));
    expect(run('write', journal, file).stderr).toMatch(/^act 1: at: an instant is wanted/);
    writeFileSync(file, JSON.stringify({ kind: 'stirred', at: '2026-06-10T08:00', lots: ['0'.repeat(17)] }));
    expect(run('write', journal, file).stderr).toBe(`act 1: nothing has the id ${'0'.repeat(17)}\n`);
    const sweet = { kind: 'portions-added', at: '2026-06-10T08:00', lotId: bottles[0] };
    writeFileSync(file, JSON.stringify({ ...sweet, portions: [{ what: 'raw-cane-sugar', grams: 5 }] }));
    expect(run('write', journal, file).stderr).toMatch(
      /^act 1: no ingredient is called "raw-cane-sugar"; there is .*cane-sugar/,
    );
    writeFileSync(file, '[]');
    expect(run('write', journal, file).stderr).toBe('no act to write\n');
    expect(readFileSync(journal, 'utf8')).toBe(before);
    expect(run('today', journal).stderr).toMatch(/^usage: /);
    expect(run('today', journal, '--at', 'soon').stderr).toMatch(/^--at: no instant/);
    expect(run('today', path.join(folder, 'none.json'), '--at', '2026-06-10T08:00').status).toBe(2);
  });
});
