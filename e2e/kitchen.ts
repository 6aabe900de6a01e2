import { expect, type Locator, type Page } from '@playwright/test';

/** The instant the demo is laid around in tests. */
export const demoNow = '2026-05-04T18:20';
export const demoAt = (path: string) => `${path}${path.includes('?') ? '&' : '?'}demo=1&now=${demoNow}`;

/** The demo with its answers worked out, laid down once for all stories (demo.setup.ts). */
export const demoState = 'node_modules/.cache/demo-state.json';
/** For stories of a first visit. */
export const nothingYet = { cookies: [], origins: [] };

/** Sets the page's clock; timers go on running. */
export const setClock = (page: Page, instant: string | number) => page.clock.setFixedTime(new Date(instant));

export const field = (page: Page, name: string) =>
  page.getByRole('textbox', { name, exact: true }).or(page.getByRole('searchbox', { name, exact: true }));
export const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** Waits until the forecast of the page is there. */
export const forecastReady = (page: Page) =>
  expect(page.getByText(/An estimate from \d+ plausible kitchens/)).toBeVisible();

/** Begins a ginger bug by typing. */
export async function beginBug(page: Page, name: string) {
  await page.goto('/starters/new');
  await field(page, 'Name').fill(name);
  await field(page, 'Jar').fill('1 l');
  await field(page, 'Water').fill('5 dl');
  await field(page, 'Fresh ginger').fill('25 g');
  await field(page, 'White sugar').fill('2 tbsp');
  await button(page, 'Begin').click();
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
}

/** The sheet on top. */
export const sheet = (page: Page) => page.getByRole('dialog').last();

/** All that a card of Today knows, read from the sheet behind its "Why?". */
export const detailsOf = (page: Page, card: Locator): Promise<string> => sheetOf(page, card, 'task-details');

/** What the sheet behind a jar's draw card says. */
export const drawDetails = (page: Page): Promise<string> =>
  sheetOf(page, page.getByTestId('draw-card'), 'draw-details');

async function sheetOf(page: Page, card: Locator, testId: string): Promise<string> {
  await card.getByRole('button', { name: /^Why\?/ }).click();
  const text = await page.getByTestId(testId).innerText();
  await page.keyboard.press('Escape');
  await expect(page.getByTestId(testId)).toHaveCount(0);
  return text;
}

/** An act from a lot's row: opens its sheet. */
export async function act(page: Page, name: string) {
  const acts = page.getByRole('group', { name: 'Acts' });
  const wanted = acts.getByRole('button', { name, exact: true });
  const more = acts.getByRole('button', { name: 'More…', exact: true });
  await expect(wanted.or(more).first()).toBeVisible();
  if (!(await wanted.isVisible())) await more.click();
  await wanted.click();
}

/** The lines of the worktop that hold amounts, as they stand on it. */
const amountLines = ['Sweet', 'Starter', 'Flavour', 'Water and jar'] as const;

/** Opens a line of the worktop, unless it is open. */
export async function unfold(page: Page, title: (typeof amountLines)[number] | 'Steps' | 'Account') {
  const line = button(page, new RegExp(`^${title}: `));
  if ((await line.getAttribute('aria-expanded')) === 'false') await line.click();
}

/** Brings an amount of the worktop into hand: its line and its row are opened. */
async function take(page: Page, name: string) {
  const box = field(page, name);
  const row = button(page, new RegExp(`^${name}: `));
  for (const title of amountLines) if (!(await box.or(row).first().isVisible())) await unfold(page, title);
  if (!(await box.isVisible())) await row.click();
}

/** An amount on the worktop: it is brought into hand, then typed. */
export async function put(page: Page, name: string, amount: string) {
  await take(page, name);
  await field(page, name).fill(amount);
}

/** Takes something off the worktop. */
export async function leaveOut(page: Page, name: string) {
  await take(page, name);
  await button(page, `Leave out ${name}`).click();
}

/** Puts something more on the worktop, looked up by what is typed. */
export async function putIn(page: Page, typed: string, name: string) {
  await unfold(page, 'Flavour');
  await field(page, 'What goes in').fill(typed);
  await page
    .getByRole('radiogroup', { name: 'Ingredients' })
    .getByRole('radio', { name, exact: true })
    .click();
}

/** Chooses what brings the brew of the worktop to life. */
export async function liveOn(page: Page, name: string) {
  await unfold(page, 'Starter');
  await page.getByRole('radio', { name, exact: true }).click();
}

/** Sets the size of a batch by one of the ways to do it. */
export async function scaleBy(page: Page, way: string, box: string, amount: string) {
  await unfold(page, 'Water and jar');
  await page.getByRole('radio', { name: way, exact: true }).click();
  await field(page, box).fill(amount);
  await button(page, 'Scale it').click();
}

/** A chip of a group where several may be chosen. */
export const chipIn = (page: Page, group: string, name: string) =>
  page.getByRole('group', { name: group, exact: true }).getByRole('checkbox', { name, exact: true }).click();
