// The one command: installs what is missing, then types, lint, import rules, unit tests, build, budget, and stories in Chromium.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { installPackages, run, root } from './run.mjs';

/** Installs a package of Debian's when we may. */
function debian(name) {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return false;
  console.log(`Installing ${name}…`);
  run('apt-get', ['update', '-qq']);
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name]) === 0;
}

/** Finds Debian's Chromium, installing it when we may. */
function chromium() {
  const known = [process.env.CHROMIUM, '/usr/bin/chromium', '/usr/bin/chromium-browser'].find(
    (file) => file && existsSync(file),
  );
  if (known) return known;
  if (debian('chromium') && existsSync('/usr/bin/chromium')) return '/usr/bin/chromium';
  console.error(
    'The stories need Chromium: as root run "apt-get install chromium", or set CHROMIUM to its path.',
  );
  process.exit(1);
}

/** Printed labels are read back with poppler's tools. */
function poppler() {
  if (spawnSync('pdftotext', ['-v']).status === 0 || debian('poppler-utils')) return;
  console.error('The stories read PDF files back: as root run "apt-get install poppler-utils".');
  process.exit(1);
}

installPackages();
process.env.CHROMIUM = chromium();
poppler();
const results = path.join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

const count = { passed: 0, failed: 0 };
/** A check without tests of its own counts as one. */
function check(name, command, args) {
  const started = Date.now();
  const good = run(command, args) === 0;
  count[good ? 'passed' : 'failed'] += 1;
  console.log(`${good ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - started) / 1000)} s)`);
}

const bin = (name) => path.join(root, 'node_modules/.bin', name);
check('types', bin('tsc'), ['--noEmit']);
check('core without a DOM', bin('tsc'), ['--noEmit', '-p', 'tsconfig.core.json']);
check('lint', bin('eslint'), ['.', '--max-warnings', '0']);
check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
check('import directions', bin('depcruise'), ['src', 'cli', 'server', '--config', '.dependency-cruiser.cjs']);

check('kinds named only in their place', process.execPath, ['scripts/kind-names.mjs']);

const units = path.join(results, 'unit.json');
run(bin('jest'), ['--json', `--outputFile=${units}`, '--silent']);
tally(units, ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => [
  numPassedTests,
  numFailedTests + numRuntimeErrorTestSuites,
]);

const built = run(process.execPath, ['scripts/build.mjs']) === 0;
count[built ? 'passed' : 'failed'] += 1;
if (built) {
  check('bundle budget', process.execPath, ['scripts/budget.mjs']);
  run(bin('playwright'), ['test']);
  tally(path.join(results, 'e2e.json'), ({ stats }) => [stats.expected + stats.flaky, stats.unexpected]);
}

/** Adds the counts a runner wrote; a runner that wrote none has failed. */
function tally(file, counts) {
  if (!existsSync(file)) {
    count.failed += 1;
    return;
  }
  const [passed, failed] = counts(JSON.parse(readFileSync(file, 'utf8')));
  count.passed += passed;
  count.failed += failed;
}

console.log(`\n${count.passed} passed, ${count.failed} failed`);
process.exitCode = count.failed === 0 ? 0 : 1;
