// The one command: installs what is missing, then types, lint, import rules, build, budget, unit tests, and stories in Chromium.
import { Buffer } from 'node:buffer';
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { installPackages, run, root } from './run.mjs';

/** Installs packages of Debian's when we may. */
function debian(...names) {
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) return false;
  console.log(`Installing ${names.join(', ')}…`);
  run('apt-get', ['update', '-qq']);
  return run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...names]) === 0;
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

/** Firefox and WebKit play one story each (e2e/engines.spec.ts); where they cannot be had it is skipped. */
function otherEngines() {
  const missing = [
    ['firefox-esr', '/usr/bin/firefox-esr'],
    ['webkit2gtk-driver', '/usr/bin/WebKitWebDriver'],
    ['xvfb', '/usr/bin/Xvfb'],
  ].filter(([, file]) => !existsSync(file));
  if (missing.length === 0 || debian(...missing.map(([name]) => name))) return;
  console.log(`Skipped: the stories in other engines need ${missing.map(([name]) => name).join(', ')}.`);
}

installPackages();
process.env.CHROMIUM = chromium();
poppler();
otherEngines();
const results = path.join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

const count = { passed: 0, failed: 0 };
const bin = (name) => path.join(root, 'node_modules/.bin', name);

/** Runs a command beside others and prints what it said once it is done. Resolves to whether it was good. */
const beside = (command, args) =>
  new Promise((done) => {
    const child = spawn(command, args, { cwd: root });
    const said = [];
    child.stdout.on('data', (part) => said.push(part));
    child.stderr.on('data', (part) => said.push(part));
    child.on('error', () => done(false));
    child.on('close', (code) => {
      process.stdout.write(Buffer.concat(said));
      done(code === 0);
    });
  });

/** A check without tests of its own counts as one. */
async function check(name, command, args) {
  const started = Date.now();
  const good = await beside(command, args);
  count[good ? 'passed' : 'failed'] += 1;
  console.log(`${good ? 'ok  ' : 'FAIL'} ${name} (${Math.round((Date.now() - started) / 1000)} s)`);
  return good;
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

/** What reads the source only; none of it uses more than one processor, so it goes beside the build. */
async function still() {
  await check('types', bin('tsc'), ['--noEmit']);
  await check('core without a DOM', bin('tsc'), ['--noEmit', '-p', 'tsconfig.core.json']);
  await check('kinds named only in their place', process.execPath, ['scripts/kind-names.mjs']);
  await check('sentences that wet hands can read', process.execPath, ['scripts/sentences.mjs']);
  await check('every text in every language', process.execPath, ['scripts/catalogue.mjs']);
  await check('nothing unused', bin('knip'), ['--no-progress']);
  await check('lint', bin('eslint'), ['.', '--max-warnings', '0']);
}

async function built() {
  const good = await check('build', process.execPath, ['scripts/build.mjs']);
  if (good) await check('bundle budget', process.execPath, ['scripts/budget.mjs']);
  // The story of a static host in a folder (e2e/hosting.spec.ts) is told on it.
  const inFolder = ['scripts/build.mjs', '--base', '/at/home', '--out', 'dist-sub'];
  if (good) await check('build for a folder of a host', process.execPath, inFolder);
  await check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
  await check('import directions', bin('depcruise'), [
    'src',
    'cli',
    'server',
    '--config',
    '.dependency-cruiser.cjs',
  ]);
  return good;
}

async function units() {
  // Playwright empties its own folder of results.
  const file = path.join(root, 'node_modules/.cache/unit.json');
  rmSync(file, { force: true });
  await beside(bin('jest'), ['--json', `--outputFile=${file}`, '--silent', '--maxWorkers=1']);
  tally(file, ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => [
    numPassedTests,
    numFailedTests + numRuntimeErrorTestSuites,
  ]);
}

async function stories() {
  await beside(bin('playwright'), ['test']);
  tally(path.join(results, 'e2e.json'), ({ stats }) => {
    if (stats.skipped > 0) console.log(`${stats.skipped} skipped: an engine they need is not installed`);
    return [stats.expected, stats.unexpected + stats.flaky];
  });
}

const [, good] = await Promise.all([still(), built()]);
// Stories wait for pages, unit tests for nothing: side by side they use a machine of two processors whole.
await Promise.all([units(), good ? stories() : undefined]);

console.log(`\n${count.passed} passed, ${count.failed} failed`);
process.exitCode = count.failed === 0 ? 0 : 1;
