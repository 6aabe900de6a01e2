import { expect, type Page } from '@playwright/test';

/** The instant the demo is laid around in tests. */
export const demoNow = '2026-05-04T18:20';
export const demoAt = (path: string) => `${path}${path.includes('?') ? '&' : '?'}demo=1&now=${demoNow}`;

/** Sets the page's clock; timers go on running. */
export const setClock = (page: Page, instant: string | number) => page.clock.setFixedTime(new Date(instant));

export const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });
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

/** An act from a lot's row: opens its sheet. */
export const act = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Acts' }).getByRole('button', { name, exact: true }).click();
