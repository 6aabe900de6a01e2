// How the app starts, beside a bare page of the same framework: both in turn, in a browser slowed down four times.
// "npm run startup" for 7 rounds, "npm run startup -- 15" for more. Medians; fails when a bound is missed.
import { spawnSync } from 'node:child_process';
import { createReadStream, existsSync } from 'node:fs';
import { createServer } from 'node:http';
import path from 'node:path';
import { installPackages, root } from './run.mjs';
import { chromiumPath, serve } from './serving.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
const bareAt = path.join(root, 'reports/bare');
if (!existsSync(path.join(bareAt, 'index.html'))) {
  const exporting = [
    '../../node_modules/expo/bin/cli',
    'export',
    '--platform',
    'web',
    '--output-dir',
    bareAt,
  ];
  const { status } = spawnSync(process.execPath, exporting, {
    cwd: path.join(root, 'scripts/bare'),
    stdio: 'inherit',
    env: { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: '1' },
  });
  if (status !== 0) process.exit(1);
}

const bare = createServer((request, response) => {
  const file = path.join(bareAt, path.normalize(new URL(request.url, 'http://bare').pathname));
  const found = file.startsWith(bareAt) && path.extname(file) && existsSync(file);
  response.setHeader('content-type', file.endsWith('.js') ? 'text/javascript' : 'text/html');
  createReadStream(found ? file : path.join(bareAt, 'index.html')).pipe(response);
}).listen(4393);
const { home, stop } = await serve(4392);
const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({
  executablePath: chromiumPath,
  args: ['--no-sandbox', '--disable-gpu'],
});

const phone = { viewport: { width: 390, height: 844 }, timezoneId: 'Europe/Lisbon', locale: 'en-GB' };
const day = '2026-05-04T18:20';
const starts = {
  'bare page': { address: 'http://localhost:4393/', words: 'Bare', before: async () => undefined },
  'first visit': { address: `${home}/?demo=0`, words: 'Today', before: async () => undefined },
  'returning visit': {
    address: `${home}/?demo=1&now=${day}`,
    words: 'Today',
    // Once before, for long: the household is sown and all its answers are stored.
    before: async (page, address) => {
      await page.goto(address);
      await page.waitForTimeout(40_000);
    },
  },
};

/** In the page, before anything else: long tasks, shifts and first paint are written down. */
function writeDown() {
  const seen = { tasks: [], shift: 0, painted: null };
  globalThis.seen = seen;
  const on = (type, take) =>
    new PerformanceObserver((list) => list.getEntries().forEach(take)).observe({ type, buffered: true });
  on('longtask', ({ startTime, duration }) => seen.tasks.push({ startTime, duration }));
  on('layout-shift', (shift) => shift.hadRecentInput || (seen.shift += shift.value));
  on('paint', ({ name, startTime }) => name === 'first-contentful-paint' && (seen.painted = startTime));
}

/** One start: blocking, longest task after the first page, shift, first paint (of the page that stands in) and first page; ms. */
async function startOf({ address, words, before }) {
  const context = await browser.newContext(phone);
  const page = await context.newPage();
  await before(page, address);
  await page.addInitScript(writeDown);
  const devtools = await context.newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await page.goto(address);
  await page.getByText(words, { exact: true }).first().waitFor();
  await page.waitForTimeout(8000);
  const seen = await page.evaluate(() => ({
    ...globalThis.seen,
    page: performance.getEntriesByName('first page')[0]?.startTime ?? globalThis.seen.painted,
  }));
  await context.close();
  // The task that drew the first page counts as start-up, not as what comes after.
  const after = seen.tasks.filter(({ startTime }) => startTime > seen.page);
  return {
    blocking: seen.tasks.reduce((sum, { duration }) => sum + Math.max(0, duration - 50), 0),
    longest: Math.max(0, ...after.map(({ duration }) => duration)),
    shift: seen.shift,
    painted: seen.painted,
    page: seen.page,
  };
}

const rounds = Number(process.argv[2] ?? 7);
const seen = Object.fromEntries(Object.keys(starts).map((name) => [name, []]));
for (let round = 0; round < rounds; round++)
  for (const [name, start] of Object.entries(starts)) seen[name].push(await startOf(start));

const median = (values) => values.sort((a, b) => a - b)[values.length >> 1];
const of = (name, what) => median(seen[name].map((each) => each[what]));
console.log(
  '| start | blocking, ms | longest task after the first page, ms | shift | first paint, ms | first page, ms |',
);
console.log('| --- | ---: | ---: | ---: | ---: | ---: |');
for (const name of Object.keys(starts))
  console.log(
    `| ${name} | ${of(name, 'blocking').toFixed(0)} | ${of(name, 'longest').toFixed(0)} | ${of(name, 'shift').toFixed(3)} | ${of(name, 'painted').toFixed(0)} | ${of(name, 'page').toFixed(0)} |`,
  );
const bounds = ['first visit', 'returning visit'].flatMap((name) => [
  [
    `${name}: blocking at most 1.5 times the bare page's`,
    of(name, 'blocking') <= 1.5 * of('bare page', 'blocking'),
  ],
  [`${name}: shift at most 0.02`, of(name, 'shift') <= 0.02],
  [`${name}: no task over 200 ms after the first page`, of(name, 'longest') <= 200],
]);
for (const [bound, holds] of bounds) console.log(`${holds ? 'holds' : 'MISSED'}: ${bound}`);
await browser.close();
bare.close();
stop();
process.exit(bounds.every(([, holds]) => holds) ? 0 : 1);
