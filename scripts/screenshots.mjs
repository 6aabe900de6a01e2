// Takes the pictures of docs/screenshots again, from the demo household at a fixed instant.
import { installPackages, root } from './run.mjs';
import { chromiumPath, serve } from './serving.mjs';

installPackages();
const { build } = await import('./build.mjs');
await build();
const { chromium } = await import('@playwright/test');
const { home, stop } = await serve(4390);

const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };
const demo = (path) => `${path}${path.includes('?') ? '&' : '?'}demo=1&now=2026-05-04T18:20`;
const plum = (page) => page.getByRole('link', { name: /Plum and bay/ }).click();
const nib = async (page) => {
  await page.getByRole('link', { name: /Nib/ }).first().click();
  await page.getByText(/^Working out how lively/).waitFor({ state: 'hidden', timeout: 60_000 });
  await settle(page);
};
const ready = (page) => page.getByText(/An estimate from/).waitFor();
const settle = async (page) => {
  await page.waitForTimeout(5000);
  // Bottles of which nothing was answered yet.
  for (const bottle of await page.getByText('…', { exact: true }).all())
    await bottle.waitFor({ state: 'detached', timeout: 60_000 });
  // The answers of a start are worked out closer.
  await page.getByText('A first estimate').first().waitFor({ state: 'detached', timeout: 90_000 });
};
const trouble = async (page) => {
  await page
    .getByRole('link', { name: /The pearls/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'What is wrong with it?' }).click();
  for (const name of ['Small grains', 'Vinegar']) await page.getByRole('checkbox', { name }).click();
  await page.waitForTimeout(800);
};
const bottling = async (page) => {
  await page
    .getByRole('link', { name: /Rhubarb and sage/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Bottle it' }).click();
  await page.getByTestId('fill-board').waitFor();
  await page.getByRole('button', { name: /^Bottle 2,/ }).click();
  await page.getByRole('textbox', { name: 'What differs' }).fill('a day later');
  await page.mouse.move(200, 500);
  await page.mouse.wheel(0, -3000);
  await page.waitForTimeout(800);
};
/** Past batches are asked about after everything that lives. */
const workedOutBack = async (page) => {
  await page.getByText(/looks/).first().waitFor({ timeout: 60_000 });
  await page.waitForTimeout(15_000);
};
const compare = async (page) => {
  await workedOutBack(page);
  await page.getByRole('link', { name: /^Medlar and bay/ }).click();
  await page.getByTestId('compare').waitFor();
  await page.waitForTimeout(1500);
};
const inHand = async (page) => {
  await settle(page);
  await page.getByRole('button', { name: /Plum and bay, bottle 2/ }).click();
  await page.waitForTimeout(1200);
};
const turning = async (page) => {
  await settle(page);
  await page.getByRole('button', { name: /^Sweet:/ }).click();
  await page.waitForTimeout(800);
};
const counter = async (page) => {
  await settle(page);
  await page.getByRole('button', { name: 'Brew it, step by step' }).click();
  await page.getByRole('button', { name: /^Start the clock/ }).click();
  await page.getByRole('button', { name: /^Skip/ }).click();
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: /^Done/ }).click();
  await page.getByRole('button', { name: /^Start the clock/ }).click();
  await page.waitForTimeout(2500);
};
const wished = async (page) => {
  await settle(page);
  await page.getByRole('radio', { name: 'Plum and fig leaf soda' }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await page.getByTestId('plan-chance').waitFor({ timeout: 60_000 });
  await page.waitForTimeout(8000);
};
const views = [
  ['today', demo('/'), phone, 'light', settle],
  ['today-night', demo('/'), phone, 'dark', settle],
  [
    'brew',
    demo('/brews'),
    phone,
    'light',
    async (page) => {
      await plum(page);
      await ready(page);
      await settle(page);
    },
  ],
  ['starter', demo('/starters'), phone, 'light', (page) => nib(page)],
  ['trouble', demo('/starters'), phone, 'light', trouble],
  ['plan', demo('/plan'), phone, 'light', wished],
  ['compare', demo('/back'), { width: 390, height: 1180 }, 'light', compare],
  ['clock-night', demo('/clock'), phone, 'dark', settle],
  ['worktop', demo('/brews/new?recipe=plum-fig-leaf'), phone, 'light', settle],
  ['worktop-wide-night', demo('/brews/new?recipe=plum-fig-leaf'), wide, 'dark', turning],
  ['counter', demo('/brews/new?recipe=quince-bay-ginger-beer'), phone, 'light', counter],
  ['recipes-wide', demo('/brews/recipes'), wide, 'light', settle],
  ['rack-night', demo('/rack'), phone, 'dark', settle],
  ['bottle', demo('/rack'), phone, 'light', inHand],
  ['bottling', demo('/brews'), phone, 'light', bottling],
  ['rack-wide', demo('/rack'), wide, 'light', settle],
  ['back', demo('/back'), phone, 'light', workedOutBack],
  ['first-start', '/?demo=0', phone, 'light', (page) => page.getByText('Pineapple peel').waitFor()],
  ['today-wide-night', demo('/'), wide, 'dark', settle],
];

const browser = await chromium.launch({
  executablePath: chromiumPath,
  args: ['--no-sandbox', '--disable-gpu'],
});
const only = process.argv.slice(2);
for (const [name, path, viewport, colorScheme, act] of views) {
  if (only.length > 0 && !only.includes(name)) continue;
  const context = await browser.newContext({
    viewport,
    colorScheme,
    timezoneId: 'Europe/Lisbon',
    locale: 'en-GB',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  await page.goto(home + path);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await act(page);
  await page.waitForTimeout(800);
  await page.screenshot({ path: `${root}/docs/screenshots/${name}.png` });
  console.log(name);
  await context.close();
}
await browser.close();
stop();
