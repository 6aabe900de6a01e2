// Puts small faults into src/core, folder by folder, and counts those that a test notices. "npm run mutate -- gas sugar" for some.
import { copyFileSync, mkdirSync, readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { root, run } from './run.mjs';

const core = path.join(root, 'src/core');
/** Where a folder's numbers are pinned, when not in itself. */
const pinnedIn = {
  lots: ['lots', 'matter'],
};
/** Suites that run whole families for seconds: left out, so that what only they notice counts as missed. */
const slow = [
  'ferment/simulate',
  'forecast/family',
  'forecast/starters',
  'forecast/forecast',
  'forecast/suppose',
  'forecast/chance',
  'forecast/readiness-table',
  'forecast/keeping',
  'tasks/tasks',
];
process.env.MUTATE_SKIP = slow.map((name) => `src/core/${name}.test.ts`).join(' ');
const asked = process.argv.slice(2);
const folders =
  asked.length > 0
    ? asked
    : readdirSync(core).filter((name) => statSync(path.join(core, name)).isDirectory());

mkdirSync(path.join(root, 'reports/mutation'), { recursive: true });
console.log('| folder | faults | noticed | share |\n| --- | ---: | ---: | ---: |');
for (const folder of folders) {
  process.env.MUTATE_TESTS = (pinnedIn[folder] ?? [folder]).map((place) => `src/core/${place}`).join(' ');
  const code = run(path.join(root, 'node_modules/.bin/stryker'), [
    'run',
    '--mutate',
    `src/core/${folder}/**/*.ts,!src/core/${folder}/**/*.test.ts,!src/core/${folder}/**/*.test-tool.ts`,
    '--logLevel',
    'error',
  ]);
  if (code !== 0) {
    console.log(`| ${folder} | did not run | | |`);
    continue;
  }
  const latest = path.join(root, 'reports/mutation/mutation.json');
  copyFileSync(latest, path.join(root, `reports/mutation/${folder}.json`));
  const { files } = JSON.parse(readFileSync(latest, 'utf8'));
  const mutants = Object.values(files).flatMap((file) => file.mutants);
  const counted = mutants.filter(
    ({ status }) => !['Ignored', 'CompileError', 'RuntimeError'].includes(status),
  );
  const noticed = counted.filter(({ status }) => status === 'Killed' || status === 'Timeout').length;
  console.log(
    `| ${folder} | ${counted.length} | ${noticed} | ${((100 * noticed) / counted.length).toFixed(0)} % |`,
  );
}
