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
  'forecast/chance-of-many',
  'forecast/readiness-table',
  'forecast/keeping-cold',
  'tasks/tasks',
];
process.env.MUTATE_SKIP = slow.map((name) => `src/core/${name}.test.ts`).join(' ');
/**
 * Folders that are tried in parts, each part beside its own tests alone: that is quicker, and can only miss more. Files that no
 * part names belong to the last. "npm run mutate -- forecast:runs" for one part.
 */
const parts = {
  forecast: [
    {
      name: 'reading-off',
      files:
        'as-of between-hours chance contradictions crossing dose-vigour draw-window failure linear-algebra looks-possible observe ordinal-scales passage pressure-course quantiles quantities random ripeness starter-answer telling-look wanted-sweetness weigh windows',
      tests:
        'as-of chance crossing failure linear-algebra looks-possible numbers observe over-time read-off read-starter telling-look weigh windows',
    },
    {
      name: 'questions',
      files: 'family-members family-question grounds lot-ask lot-readings lot-stages starter-question waited',
      tests:
        'family-members family-question grounds lot-ask stage-cuts stages starter-beginnings starter-question waited',
    },
    {
      name: 'kitchens',
      files: 'conditions-said lessons priors proposal usual-kitchen',
      tests: 'conditions-said lessons numbers proposal',
    },
    { name: 'supposed', files: 'courses pour suppose what-if', tests: 'numbers what-if what-if-stages' },
    {
      name: 'runs',
      files: '',
      tests: 'ensemble family-answer family-forecast family-run family-scenario keeping over-time',
    },
  ],
};
const asked = process.argv.slice(2);
const folders =
  asked.length > 0
    ? asked
    : readdirSync(core).filter((name) => statSync(path.join(core, name)).isDirectory());

/** Globs of the sources of a part, and the tests beside it. */
function partOf(folder, part) {
  const inFolder = (names, ending) =>
    names
      .split(' ')
      .filter((name) => name !== '')
      .map((name) => `src/core/${folder}/${name}${ending}`);
  const all = parts[folder];
  const files =
    part === all.at(-1)
      ? [
          `src/core/${folder}/**/*.ts`,
          `!src/core/${folder}/**/*.{test,test-tool}.ts`,
          ...inFolder(all.map(({ files: named }) => named).join(' '), '.ts').map((file) => `!${file}`),
        ]
      : inFolder(part.files, '.ts');
  return { files, tests: inFolder(part.tests, '.test.ts') };
}
const wholeOf = (folder) => ({
  files: [`src/core/${folder}/**/*.ts`, `!src/core/${folder}/**/*.{test,test-tool}.ts`],
  tests: (pinnedIn[folder] ?? [folder]).map((place) => `src/core/${place}/**/*.test.ts`),
});

/** What is asked for: folders, or parts of them. */
const runs = folders.flatMap((name) => {
  const [folder, partName] = name.split(':');
  if (!parts[folder]) return [{ name, ...wholeOf(folder) }];
  return parts[folder]
    .filter((part) => partName === undefined || part.name === partName)
    .map((part) => ({ name: `${folder}:${part.name}`, ...partOf(folder, part) }));
});

mkdirSync(path.join(root, 'reports/mutation'), { recursive: true });
console.log('| folder | faults | noticed | share |\n| --- | ---: | ---: | ---: |');
for (const { name, files, tests } of runs) {
  process.env.MUTATE_TESTS = tests.join(' ');
  const code = run(path.join(root, 'node_modules/.bin/stryker'), [
    'run',
    '--mutate',
    files.join(','),
    '--logLevel',
    'error',
  ]);
  if (code !== 0) {
    console.log(`| ${name} | did not run | | |`);
    continue;
  }
  const latest = path.join(root, 'reports/mutation/mutation.json');
  copyFileSync(latest, path.join(root, `reports/mutation/${name.replace(':', '-')}.json`));
  const { files: tried } = JSON.parse(readFileSync(latest, 'utf8'));
  const mutants = Object.values(tried).flatMap((file) => file.mutants);
  const counted = mutants.filter(
    ({ status }) => !['Ignored', 'CompileError', 'RuntimeError'].includes(status),
  );
  const noticed = counted.filter(({ status }) => status === 'Killed' || status === 'Timeout').length;
  console.log(
    `| ${name} | ${counted.length} | ${noticed} | ${((100 * noticed) / counted.length).toFixed(0)} % |`,
  );
}
