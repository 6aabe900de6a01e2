// Puts small faults into src/core, folder by folder, and counts those that a test of that folder notices.
// "npm run mutate -- gas forecast/read-off" for some.
import { copyFileSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { root, run } from './run.mjs';

const core = path.join(root, 'src/core');
/** Where a folder's numbers are pinned, when not in itself. */
const pinnedIn = {
  lots: ['lots', 'matter'],
  'forecast/run': ['forecast/run', 'forecast/read-off', 'forecast/ensemble'],
};
/** Suites that run whole families for seconds: left out, so that what only they notice counts as missed. */
const slow = [
  'ferment/run/simulate',
  'forecast/answer/family',
  'forecast/answer/suppose',
  'forecast/answer/keeping-cold',
  'forecast/starter/starters',
  'forecast/starter/readiness-table',
  'forecast/published/forecast',
  'forecast/read-off/chance-of-many',
  'tasks/tasks',
];
process.env.MUTATE_SKIP = slow.map((name) => `src/core/${name}.test.ts`).join(' ');

const subfoldersOf = (folder) =>
  readdirSync(path.join(core, folder), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => path.posix.join(folder, name));

/** The forecast is tried a room at a time: each beside its own tests alone, which is quicker and can only miss more. */
const everyFolder = () =>
  subfoldersOf('').flatMap((folder) => (folder === 'forecast' ? subfoldersOf(folder) : [folder]));

const asked = process.argv.slice(2);
mkdirSync(path.join(root, 'reports/mutation'), { recursive: true });
console.log('| folder | faults | noticed | share |\n| --- | ---: | ---: | ---: |');
for (const folder of asked.length > 0 ? asked : everyFolder()) {
  process.env.MUTATE_TESTS = (pinnedIn[folder] ?? [folder])
    .map((place) => `src/core/${place}/**/*.test.ts`)
    .join(' ');
  const code = run(path.join(root, 'node_modules/.bin/stryker'), [
    'run',
    '--mutate',
    `src/core/${folder}/**/*.ts,!src/core/${folder}/**/*.{test,test-tool}.ts`,
    '--logLevel',
    'error',
  ]);
  if (code !== 0) {
    console.log(`| ${folder} | did not run | | |`);
    continue;
  }
  const latest = path.join(root, 'reports/mutation/mutation.json');
  copyFileSync(latest, path.join(root, `reports/mutation/${folder.replaceAll('/', '-')}.json`));
  const { files: tried } = JSON.parse(readFileSync(latest, 'utf8'));
  const mutants = Object.values(tried).flatMap((file) => file.mutants);
  const counted = mutants.filter(
    ({ status }) => !['Ignored', 'CompileError', 'RuntimeError'].includes(status),
  );
  const noticed = counted.filter(({ status }) => status === 'Killed' || status === 'Timeout').length;
  console.log(
    `| ${folder} | ${counted.length} | ${noticed} | ${((100 * noticed) / counted.length).toFixed(0)} % |`,
  );
}
