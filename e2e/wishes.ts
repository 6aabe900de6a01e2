import { expect, type Page } from '@playwright/test';
import { button, field, setClock } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

/** A Monday evening. */
export const monday = Date.parse('2026-06-01T18:00:00+01:00');
export const at = (page: Page, hours: number) => setClock(page, monday + hours * hourMs);

/** A ginger bug that lives, fed once. */
export async function livingBug(page: Page, name: string, jar: string, amount: string) {
  await at(page, 0);
  await page.goto('/starters/new?way=bug-lives');
  await page.getByRole('radio', { name: 'A bug that lives' }).click();
  await field(page, 'Name').fill(name);
  await field(page, 'Jar').fill(jar);
  await field(page, 'Lively ginger bug').fill(amount);
  await button(page, 'Begin').click();
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
  await button(page, /^Fed the usual/).click();
  await expect(page.getByText(`Fed ${name}.`)).toBeVisible();
}

/** One of half a pint: not enough for three litres. */
export const smallBug = (page: Page) => livingBug(page, 'Flint', '1 l', '280 ml');

/** Wishes for something by an hour. */
export async function wishFor(page: Page, what: string, howMuch: string, counted: string, by: string) {
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('radio', { name: what, exact: true }).click();
  await page.getByRole('textbox', { name: 'How much' }).fill(howMuch);
  await page.getByRole('radio', { name: counted, exact: true }).click();
  await page.getByLabel('Cold by').fill(by);
  await button(page, 'Plan it').click();
}

export const wish = (page: Page) => page.getByTestId('wish');

/** Waits until the way to the first wish is there, or that there is none. */
export const answered = (page: Page) =>
  expect(page.getByTestId('plan-chance').or(page.getByTestId('unmet')).first()).toBeVisible({
    timeout: 60_000,
  });
