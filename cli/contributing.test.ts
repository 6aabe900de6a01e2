import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

const root = path.join(__dirname, '..');
const text = readFileSync(path.join(root, 'CONTRIBUTING.md'), 'utf8');

/** One of each that is there already, in place of the names that a newcomer fills in. */
const stands: readonly (readonly [string, string])[] = [
  ['kinds/NAME', 'kinds/ginger-bug'],
  ['guides/NAME', 'guides/ginger-bug'],
  ['entries/NAME', 'entries/noted'],
  ['settings/NAME', 'settings/person'],
  ['features/PLACE/NAME-screen', 'features/places/places-screen'],
];

test('every file that it names is there', () => {
  const named = [...text.matchAll(/`((?:src|docs|scripts|e2e)\/[\w./-]+)`|\]\((docs\/[\w.-]+)\)/g)].map(
    ([, code, link]) => stands.reduce((file, [name, there]) => file.replace(name, there), code ?? link!),
  );
  expect(named.length).toBeGreaterThan(20);
  expect(named.filter((file) => !existsSync(path.join(root, file)))).toEqual([]);
});

test('its fruit, added as it says, is an ingredient with its juice, and the shares add up', () => {
  const line = /```ts\n( {2}\w+: \[.*\],)\n```/.exec(text)![1]!;
  const copy = mkdtempSync(path.join(tmpdir(), 'yuzet-'));
  cpSync(path.join(root, 'src/core'), path.join(copy, 'src/core'), { recursive: true });
  for (const file of ['package.json', 'tsconfig.json']) cpSync(path.join(root, file), path.join(copy, file));
  const table = path.join(copy, 'src/core/matter/ingredients/more-fruit.ts');
  const before = readFileSync(table, 'utf8');
  writeFileSync(table, before.replace('const rows = {\n', `const rows = {\n${line}\n`));
  expect(readFileSync(table, 'utf8')).not.toBe(before);
  const id = /^ {2}(\w+):/.exec(line)![1]!;
  const script = path.join(copy, 'ask.mts');
  writeFileSync(
    script,
    `import { ingredientOf, isIngredient } from './src/core/matter/ingredients/registry.ts';
     const { name, composition } = ingredientOf('${id}');
     const sum = Object.values(composition).reduce((all, each) => all + each, 0);
     console.log(JSON.stringify({ name, sum, juice: isIngredient('${id}-juice') }));`,
  );
  const tsx = path.join(root, 'node_modules/tsx/dist/loader.mjs');
  const { stdout, stderr } = spawnSync(process.execPath, ['--import', tsx, script], {
    cwd: copy,
    encoding: 'utf8',
  });
  expect([stdout.trim().slice(0, 1), stderr.slice(0, 500)]).toEqual(['{', '']);
  const { name, sum, juice } = JSON.parse(stdout) as { name: string; sum: number; juice: boolean };
  expect([name, juice]).toEqual([/'([^']+)'/.exec(line)![1], true]);
  // What its row does not name is skin and fibre; named beyond a hundred, the sum would pass 1.
  expect(sum).toBeCloseTo(1, 9);
});
