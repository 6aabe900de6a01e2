// Kills the browser in the middle of quick taps, again and again, and counts what was shown and is gone afterwards.
// "npm run kills" for 40 kills, "npm run kills -- 100" for more. Fails when an entry that was shown as kept is lost.
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { installPackages } from './run.mjs';
import { chromiumPath, serve } from './serving.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
const { chromium } = await import('@playwright/test');

const kills = Number(process.argv[2] ?? 40);
const { home, stop } = await serve(4391);
const profile = mkdtempSync(path.join(tmpdir(), 'yuzet-kills-'));

/** A browser over the same profile each time, as a process that can be killed outright. */
async function begin() {
  const portFile = path.join(profile, 'DevToolsActivePort');
  rmSync(portFile, { force: true });
  const process_ = spawn(
    chromiumPath,
    [
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    { detached: true, stdio: 'ignore' },
  );
  while (!existsSync(portFile) || !readFileSync(portFile, 'utf8').includes('\n'))
    await new Promise((resolve) => setTimeout(resolve, 20));
  const port = readFileSync(portFile, 'utf8').split('\n')[0];
  const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
  const kill = () => process.kill(-process_.pid, 'SIGKILL');
  const gone = new Promise((resolve) => process_.once('exit', resolve));
  return { page: await browser.contexts()[0].newPage(), kill, gone };
}

/** Runs in the page: counts the rows of feeds, and those of them not marked as being kept, at every change. */
function watchRows() {
  const count = () => {
    const texts = [...document.querySelectorAll('[aria-label^="Undo: Added"]')].map(
      (undo) => undo.parentElement?.textContent ?? '',
    );
    const kept = texts.filter((text) => !/being kept|not saved/.test(text)).length;
    globalThis.rowsShown(texts.length, kept);
  };
  new MutationObserver(count).observe(document.body, { childList: true, subtree: true, characterData: true });
}

const feedButton = (page) => page.getByRole('button', { name: /^Fed the usual/ });
const rows = (page) => page.locator('[aria-label^="Undo: Added"]');

/** One life of the browser: a jar is begun, fed in quick taps, and the browser killed. Returns what was shown last. */
async function live(number) {
  const { page, kill, gone } = await begin();
  await page.goto(`${home}/starters/new`);
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(`Jar ${number}`);
  await page.getByRole('textbox', { name: 'Jar', exact: true }).fill('3 l');
  await page.getByRole('textbox', { name: 'Water', exact: true }).fill('5 dl');
  await page.getByRole('textbox', { name: 'Fresh ginger', exact: true }).fill('10 g');
  await page.getByRole('textbox', { name: 'White sugar', exact: true }).fill('10 g');
  await page.getByRole('button', { name: 'Begin' }).click();
  await feedButton(page).waitFor();
  const seen = { shown: 0, kept: 0 };
  await page.exposeFunction('rowsShown', (shown, kept) => {
    seen.shown = Math.max(seen.shown, shown);
    seen.kept = Math.max(seen.kept, kept);
  });
  await page.evaluate(watchRows);
  const taps = 4 + (number % 16);
  const pause = [0, 5, 20, 60, 120][number % 5];
  // Not awaited: the browser dies while they go on.
  page
    .evaluate(
      async ([times, wait]) => {
        for (let i = 0; i < times; i++) {
          document.querySelector('[role="button"][aria-label^="Fed the usual"]')?.click();
          await new Promise((resolve) => setTimeout(resolve, wait));
        }
      },
      [taps, pause],
    )
    .catch(() => undefined);
  await new Promise((resolve) => setTimeout(resolve, 40 + Math.random() * (taps * pause + 500)));
  kill();
  await gone;
  return seen;
}

/** What is there when the browser comes up again. */
async function countAfter(number) {
  const { page, kill, gone } = await begin();
  await page.goto(`${home}/starters`);
  const jar = page.getByRole('link', { name: new RegExp(`^Jar ${number}\\b`) });
  const there = await jar.waitFor({ timeout: 20_000 }).then(
    () => true,
    () => false,
  );
  let count = 0;
  if (there) {
    await jar.click();
    await page.getByRole('heading', { name: 'Ledger' }).waitFor();
    count = await rows(page).count();
  }
  kill();
  await gone;
  return { there, count };
}

const sum = { shown: 0, kept: 0, lostKept: 0, lostShown: 0, jarsLost: 0 };
for (let number = 1; number <= kills; number++) {
  const seen = await live(number);
  const after = await countAfter(number);
  sum.shown += seen.shown;
  sum.kept += seen.kept;
  sum.lostKept += Math.max(0, seen.kept - after.count);
  sum.lostShown += Math.max(0, seen.shown - after.count);
  sum.jarsLost += after.there ? 0 : 1;
  process.stdout.write(`\r${number} kills: ${JSON.stringify(sum)}   `);
}
stop();
rmSync(profile, { recursive: true, force: true });
console.log(
  `\n${kills} browsers killed. Entries shown: ${sum.shown}, of them gone: ${sum.lostShown}.` +
    `\nEntries shown as kept: ${sum.kept}, of them gone: ${sum.lostKept}. Jars gone: ${sum.jarsLost}.`,
);
process.exit(sum.lostKept + sum.jarsLost > 0 ? 1 : 0);
