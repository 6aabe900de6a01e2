// "npm run crawl": random but legal makers for sixty days, 200 journals at the core's door and five in the browser. Other
// numbers: "npm run crawl -- 20 1". Fails at the first kind of fault that is found, and says the maker's number to see it again.
import { spawnSync } from 'node:child_process';
import { installPackages, root } from './run.mjs';
import { chromiumPath, serve } from './serving.mjs';

installPackages();
const [inCore = '200', inBrowser = '5'] = process.argv.slice(2);
const core = spawnSync(process.execPath, ['--import', 'tsx', 'cli/crawl.mts', inCore], {
  cwd: root,
  stdio: 'inherit',
});

const { build } = await import('./build.mjs');
await build();
const { home, stop } = await serve(4391);
const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({
  executablePath: chromiumPath,
  args: ['--no-sandbox', '--disable-gpu'],
});
const begun = Date.parse('2026-04-06T18:00:00Z');
const dayMs = 86_400_000;
const days = Number(process.env.CRAWL_DAYS ?? 60);
const wrong = /This page stumbled|That was not kept|\bNaN\b|\bundefined\b|\bInfinity\b|\[object/;
const faults = [];

/** Draws from a seed. */
function diceOf(seed) {
  let state = seed * 2_654_435_761;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

const names = async (page, pattern) => {
  const all = await page.getByRole('button').all();
  const out = [];
  for (const each of all)
    if ((await each.isVisible()) && (await each.isEnabled()) && pattern.test(await nameOf(each)))
      out.push(each);
  return out;
};
const nameOf = async (each) => (await each.getAttribute('aria-label')) ?? (await each.innerText());
const offered =
  /^(Fed|Strained|Awake|Shaken|Stirred|Lifted|Chilled|Pitch |Discarded|Fed and resting|.*: (foams|flat|plump)|Cooled in place)/;

/** What a page says, without what changes with the second. */
const said = async (page) => (await page.locator('main, body').last().innerText()).replace(/\s+/g, ' ');

async function crawl(seed) {
  const dice = diceOf(seed);
  const context = await browser.newContext({
    baseURL: home,
    viewport: { width: 390, height: 844 },
    timezoneId: 'Europe/Lisbon',
    locale: 'en-GB',
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  page.setDefaultTimeout(8000);
  page.on('pageerror', (error) => faults.push(`maker ${seed}: ${error.message}`));
  const look = async (where) => {
    const text = await said(page);
    const found = wrong.exec(text);
    if (found)
      faults.push(
        `maker ${seed}, ${where}: “${text.slice(Math.max(0, found.index - 60), found.index + 60)}”`,
      );
    return text;
  };
  const at = async (day, path) => {
    await page.clock.setFixedTime(new Date(begun + day * dayMs));
    await page.goto(path);
    await page.getByRole('heading').first().waitFor();
    await page.waitForTimeout(500);
  };
  const begin = async (day) => {
    await at(day, '/starters/new');
    const kinds = await page.getByRole('radiogroup', { name: 'Kind' }).getByRole('radio').all();
    await kinds[Math.floor(dice() * Math.min(5, kinds.length))].click();
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill(`Jar ${day}`);
    await page.getByRole('button', { name: 'Begin' }).click();
    await page.waitForTimeout(400);
    await look('begun');
  };
  const brew = async (day) => {
    await at(day, '/brews/new');
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill(`Soda ${day}`);
    await page.getByRole('button', { name: /^Mixed/ }).click();
    await page.waitForTimeout(400);
    await look('mixed');
    const pitch = page.getByRole('button', { name: 'Pitch the starter' });
    if (!(await pitch.isVisible())) return;
    await pitch.click();
    const cool = page.getByRole('radio', { name: 'Cool to the touch' });
    if (await cool.isVisible()) await cool.click();
    const pitched = page.getByRole('button', { name: 'Pitched', exact: true });
    if (await pitched.isEnabled()) await pitched.click();
    await page.waitForTimeout(400);
    await look('pitched');
  };
  await begin(0);
  for (let day = 1; day < days; day++) {
    if (dice() < 0.4) continue;
    await at(day, '/');
    await look(`day ${day}`);
    for (let i = 0; i < 2; i++) {
      const [button] = await names(page, offered);
      if (!button) break;
      const name = await nameOf(button);
      await button.click().catch(() => undefined);
      await page.waitForTimeout(300);
      await look(`day ${day}, “${name}”`);
      await page.keyboard.press('Escape');
    }
    if (dice() < 0.15) await begin(day).catch((error) => faults.push(`maker ${seed}: ${error.message}`));
    if (day > 4 && dice() < 0.2)
      await brew(day).catch((error) => faults.push(`maker ${seed}: ${error.message}`));
    if (dice() < 0.25) {
      // What is shown is what is there after a reload.
      await at(day, '/starters');
      const before = await look('starters');
      await page.reload();
      await page.getByRole('heading').first().waitFor();
      await page.waitForTimeout(700);
      const after = await look('starters again');
      const amounts = (text) => (text.match(/[\d,]+ ml \(/g) ?? []).join();
      if (amounts(before) !== amounts(after))
        faults.push(`maker ${seed}, day ${day}: a reload shows other amounts`);
    }
  }
  await context.close();
}

for (let seed = 1; seed <= Number(inBrowser); seed++) await crawl(seed);
await browser.close();
stop();
for (const fault of [...new Set(faults)]) console.log(fault);
console.log(`${inBrowser} makers in the browser, ${days} days: ${faults.length} faults.`);
process.exitCode = core.status !== 0 || faults.length > 0 ? 1 : 0;
