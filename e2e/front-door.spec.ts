import { expect, test } from '@playwright/test';
import { button, setClock, drawDetails } from './kitchen';

const monday = Date.parse('2026-06-01T17:00:00Z');

test('an empty kitchen asks what there is, lays out the days to a first glass, and begins', async ({
  page,
}) => {
  await setClock(page, monday);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'What have you got?' })).toBeVisible();
  await page.getByRole('link', { name: 'Nothing yet' }).click();
  // A new bug at 21 °C and two to four days in the jar: eleven days at 22, a little more a degree colder.
  await expect(page.getByRole('heading', { name: 'First glass about Saturday 13 June' })).toBeVisible();
  await expect(page.getByTestId('glass-range')).toContainText('between 11 June and 17 June');
  const way = page.getByTestId('way');
  await expect(way.getByRole('listitem').first()).toContainText('Begin the jar from ginger and sugar.');
  await expect(way).toContainText(/Every day till Saturday 6 June/);
  await expect(page.getByTestId('to-buy')).toContainText(/\d+ g .* fresh ginger/);
  // What is to be drunk changes the days and what is bought.
  const drinks = page.getByRole('radiogroup', { name: 'What would you like to drink?' });
  const bought = await page.getByTestId('to-buy').innerText();
  await drinks.getByRole('radio').nth(1).click();
  expect(await page.getByTestId('to-buy').innerText()).not.toBe(bought);
  // For this Saturday it is too late: something quicker is named.
  await page.getByLabel('By when would you like it?').fill('2026-06-06');
  await expect(page.getByTestId('in-time')).toContainText(/^Not by then\. Quicker: /);
  await page.getByLabel('By when would you like it?').fill('2026-06-30');
  await expect(page.getByTestId('in-time')).toHaveText('That gives time enough.');
  await button(page, 'Begin it now').click();
  await expect(page.getByRole('heading', { name: 'Begin: ginger bug' })).toBeVisible();
  await button(page, 'Begin').click();
  await expect(page.getByTestId('beginning')).toContainText('day 1');
});

test('a bug that lives already is lively at once, and is brewed with the same evening', async ({ page }) => {
  await setClock(page, monday);
  await page.goto('/');
  await page.getByRole('link', { name: 'A ginger bug that lives' }).click();
  await expect(page.getByTestId('way')).toContainText('TodayBrew: a sweet base');
  // It looks like no new jar, and nobody is sent to buy what they have.
  await expect(page.getByTestId('way')).not.toContainText('ginger at the bottom');
  await expect(page.getByTestId('to-buy')).not.toContainText('bug');
  await button(page, 'Begin it now').click();
  await page.getByRole('textbox', { name: 'Lively ginger bug' }).fill('430 ml');
  await button(page, 'Begin').click();
  await expect(page.getByTestId('draw-card')).toContainText('A dose does ', { timeout: 60_000 });
  const said = await drawDetails(page);
  expect(Number(/about (\d+) %/.exec(said)![1])).toBeGreaterThan(55);
  await expect(page.getByTestId('beginning')).toHaveCount(0);
  await expect(button(page, 'Brew a soda from it')).toBeVisible();
});

test('a packet on the shelf: Today says to brew from it, and lays it out', async ({ page }) => {
  await setClock(page, monday);
  await page.goto('/first?got=wine-yeast');
  // The quickest drink stands first: days, not weeks.
  await expect(page.getByRole('heading', { name: /^First glass about .* June$/ })).toBeVisible();
  await button(page, 'Begin it now').click();
  await button(page, 'Begin').click();
  await page.goto('/');
  await expect(page.getByTestId('first-brew')).toContainText('Brew a soda from');
  // The drink that the way was laid out for, in the amount that was bought for it.
  await button(page, 'Cherry juice with apple concentrate and bay').click();
  await expect(page.getByRole('button', { name: /^Starter: .*yeast/i })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Flavour: .*cherry juice.*bay/i })).toBeVisible();
});
