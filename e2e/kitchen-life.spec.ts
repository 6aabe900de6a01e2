import { expect, test } from '@playwright/test';
import { act, beginBug, button, demoAt, field, forecastReady, setClock } from './kitchen';
import { hourMs, dayMs } from '../src/core/duration.ts';

test('a starter is put to rest and woken, and Today takes things back', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  await button(page, 'Put it to rest in the fridge').click();
  await expect(page.getByTestId('draw-card')).toContainText('Asleep');
  await button(page, 'Wake it on the counter').click();
  await expect(page.getByTestId('draw-card')).not.toContainText('Asleep');
  await page.getByRole('link', { name: 'Today' }).click();
  await button(page, 'Undo: Sorrel: To the counter').click();
  await expect(page.getByText('Sorrel: To the counter')).toHaveCount(0);
  await button(page, 'Redo').click();
  await expect(page.getByText('Sorrel: To the counter')).toBeVisible();
});

test('names are text, whatever they hold', async ({ page }) => {
  const hostile = '<img src=x onerror=alert(1)>';
  let alerted = false;
  page.on('dialog', () => (alerted = true));
  await beginBug(page, hostile);
  await page.reload();
  await expect(page.getByRole('heading', { name: hostile, exact: true })).toBeVisible();
  expect(alerted).toBe(false);
});

test('a jar that would foam over is refused at its field', async ({ page }) => {
  await page.goto('/starters/new');
  await field(page, 'Name').fill('Sorrel');
  await field(page, 'Jar').fill('400 ml');
  await field(page, 'Water').fill('4 dl');
  await field(page, 'Fresh ginger').fill('20 g');
  await field(page, 'White sugar').fill('20 g');
  await button(page, 'Begin').click();
  await expect(page.getByTestId('error-root')).toContainText('foams over above 360 ml');
});

test('a day away: the past is where it was, and hunger is told', async ({ page }) => {
  const start = Date.parse('2026-06-01T09:00:00Z');
  await setClock(page, start);
  await beginBug(page, 'Sorrel');
  await setClock(page, start + 5 * dayMs);
  await page.reload();
  await expect(page.getByText(/, fed 5 days ago/)).toBeVisible();
  await expect(page.getByTestId('neglect')).toContainText('the chance that it lives is about 9');
  await setClock(page, start - hourMs);
  await page.reload();
  await button(page, /^Fed the usual/).click();
  await expect(page.getByText(/^Added \d+ g \(.*?\) fresh ginger/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Added \d+ g \(.*?\) fresh ginger/)).toBeVisible();
});

test('night is a choice, and the demo keeps apart from one’s own', async ({ page }) => {
  await page.goto(demoAt('/more'));
  await page.getByRole('radio', { name: 'Night' }).click();
  await expect(page.getByRole('main')).toHaveCSS('background-color', 'rgb(28, 20, 32)');
  await page.getByRole('link', { name: 'Open my own kitchen' }).click();
  await expect(page.getByRole('heading', { name: /empty kitchen/i })).toBeVisible();
  await page.getByRole('button', { name: /Look around/ }).click();
  await expect(page.getByTestId('action-feed').first()).toBeVisible();
});

test('one tap on Today says it is done, and one takes it back', async ({ page }) => {
  await page.goto(demoAt('/'));
  // Two of glass, and the soft pilot that is squeezed for them: one errand.
  await button(page, 'Chilled all 3').click();
  await expect(page.getByTestId('action-chill')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByTestId('action-chill')).toHaveCount(1);
});

test('the forecast reads as a table too, and by bottles that went different ways', async ({ page }) => {
  await page.goto(demoAt('/brews'));
  await page.getByRole('link', { name: /Plum and bay/ }).click();
  await forecastReady(page);
  await button(page, 'As a table').click();
  expect(await page.getByRole('table', { name: 'Forecast' }).getByRole('row').count()).toBeGreaterThan(4);
  await page
    .getByRole('link', { name: 'Bottle 1, cold, its page' })
    .or(page.getByRole('link', { name: 'Bottle 1, its page' }))
    .click();
  // In the fridge it goes on: a moment to open it by, and what the counter would do, before it is moved.
  await expect(
    page.getByText(/^(Open by|Good cold until) .* because (even cold it goes on|it goes on slowly)/),
  ).toBeVisible();
  await expect(
    page.getByText(/^Back at 22\.5 °C it would come to about \d\.\d bar \(\d\.\d–\d\.\d bar\) within a day/),
  ).toBeVisible();
  await act(page, 'Move');
  await page
    .getByRole('dialog')
    .getByRole('radio', { name: /^Counter/ })
    .click();
  await expect(
    page.getByRole('dialog').getByText(/^Back at 22\.5 °C it would come to .* An estimate\.$/),
  ).toBeVisible();
});
