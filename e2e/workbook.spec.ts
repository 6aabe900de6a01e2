import { expect, test } from '@playwright/test';
import { button, field, unfold } from './kitchen';

test('the workbook: spoons to grams into a brew, a pot that cools, corrected by one reading', async ({
  page,
}) => {
  await page.goto('/more');
  await page.getByRole('link', { name: 'Workbook' }).click();
  const answer = page.getByTestId('tool-answer');
  await expect(answer).toContainText('Honey: 63.9 g, 3 tbsp.');
  await field(page, 'Amount').fill('half');
  await expect(page.getByText('“half” is not an amount', { exact: false })).toBeVisible();
  await field(page, 'Amount').fill('4 tbsp');
  await expect(answer).toContainText('Honey: 85.2 g');

  await page.getByRole('radio', { name: 'Cooling time' }).click();
  await field(page, 'In the pot').fill('5 l');
  await expect(answer).toContainText('About 6.0 hours');
  await page.getByRole('radio', { name: 'In ice water, stirred' }).click();
  await expect(answer).toContainText('About 30 minutes');
  await page.getByRole('radio', { name: 'Under its lid' }).click();
  await field(page, 'Read after, minutes').fill('60');
  await field(page, 'It showed, °C').fill('58');
  await expect(answer).toContainText('About 3.0 hours, by your reading');
  await field(page, 'It showed, °C').fill('120');
  await expect(page.getByText('Between 0 and 110 °C.')).toBeVisible();

  await page.getByRole('radio', { name: 'Spoons and grams' }).click();
  await button(page, 'Use it in a brew').click();
  await expect(page.getByRole('heading', { name: 'A new brew' })).toBeVisible();
  await expect(button(page, /^Sweet: 160 g white sugar and 63.9 g honey/)).toBeVisible();
});

test('a list is pasted into a new brew: what is understood becomes rows, the rest is asked about', async ({
  page,
}) => {
  await page.goto('/brews/new');
  await unfold(page, 'Flavour');
  const box = field(page, 'What goes in');
  await box.fill('1 cup sugar\n500 g plums, stoned\njuice of 2 lemons\n1 mug water\n2 handfuls magic');
  await button(page, 'Put it in').click();
  await unfold(page, 'Sweet');
  await expect(button(page, 'White sugar: 201.1 g')).toBeVisible();
  await expect(button(page, 'Plum: 500 g')).toBeVisible();
  await expect(button(page, 'Lemon juice: 90 ml')).toBeVisible();
  await expect(page.getByTestId('asked-line')).toHaveCount(2);
  await expect(page.getByTestId('asked-line').first()).toContainText('differs from kitchen to kitchen');
  await expect(box).toHaveValue('1 mug water\n2 handfuls magic');
  // Said again with a unit that is known, it is taken; a recipe in JSON-LD is taken the same way.
  await box.fill('{"@type":"Recipe","recipeIngredient":["3 tbsp honey","1 firkin beer"]}');
  await button(page, 'Put it in').click();
  await expect(button(page, 'Honey: 45 ml')).toBeVisible();
  await expect(page.getByTestId('asked-line')).toHaveCount(1);
});
