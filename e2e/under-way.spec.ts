import { expect, test, type Page } from '@playwright/test';
import { button, field } from './kitchen';
import { answered, at, livingBug, wishFor } from './wishes';

const card = (page: Page) => page.getByTestId('under-way');
const chance = (page: Page) => page.getByTestId('under-way-chance');

test('a brew under way for a Tuesday: in time or not, what a late one pours, held hours on Today, moved, cold', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await livingBug(page, 'Sorrel', '2 l', '700 ml');
  await wishFor(page, 'Quince and bay ginger beer', '1.4', 'Litres', '2026-06-09T18:00');
  await answered(page);
  await page.getByRole('slider', { name: 'The brew day' }).press('Home');
  await button(page, /^Bottle it: /).click();
  const hours = page.getByRole('slider', { name: 'The hour: Bottle it' });
  // An hour at which it cannot be good any more is let go again.
  await hours.press('End');
  await button(page, /^Hold /).click();
  await expect(page.getByTestId('unmet')).toBeVisible();
  await button(page, 'Let go what is held').click();
  await expect(page.getByTestId('plan-chance')).toBeVisible();
  await page.getByRole('slider', { name: 'The brew day' }).press('Home');
  await button(page, /^Bottle it: /).click();
  await hours.press('ArrowRight');
  await button(page, /^Hold /).click();
  await expect(button(page, /^Bottle it: Held: /)).toBeVisible();
  await button(page, 'Take this plan').click();
  await expect(button(page, 'Taken')).toBeVisible();

  await at(page, 0.5);
  await page.goto('/');
  await button(page, 'Lay it out').click();
  await button(page, /^Mixed/).click();
  await button(page, 'Pitch the starter').click();
  await page.getByRole('radio', { name: 'Mixed cold: as the room' }).click();
  await button(page, 'Pitched').click();
  await expect(page.getByText('Brews / first ferment')).toBeVisible();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(chance(page)).toHaveText(/^In time and good: /, { timeout: 60_000 });
  await expect(card(page)).toContainText('First glass: ');
  await expect(card(page)).toContainText('Held: bottle ');
  // What is ahead of it stands on its days.
  const days = page.getByTestId('plan-days');
  await expect(days).toContainText('Chill all: Quince and bay ginger beer');
  await expect(days).toContainText('A glass can be poured: Quince and bay ginger beer');

  // A planner that does not come is said here too.
  await page.route('**/plan-worker-*.js', (route) => route.abort());
  await page.reload();
  await expect(card(page)).toContainText('The way could not be worked out.');
  await page.unroute('**/plan-worker-*.js');
  await button(page, 'Try again').click();
  await expect(chance(page)).toHaveText(/^In time and good: /, { timeout: 60_000 });

  // Today tells the hour that was held beside what the forecast says.
  await at(page, 40);
  await page.goto('/');
  const today = page.getByTestId('action-bottle');
  await expect(today.getByTestId('held-hour')).toHaveText(/^Your plan( said|: )/);

  // It is let go, and Today tells it no more.
  await page.goto('/plan');
  await button(page, 'Let it go').click();
  await expect(card(page)).not.toContainText('Held: ');
  await page.goto('/');
  await expect(today).toBeVisible();
  await expect(today.getByTestId('held-hour')).toHaveCount(0);

  // Nobody bottled it: six days on it hardly comes in time. It says what a glass would be then, and a later time.
  await at(page, 144);
  await page.goto('/plan');
  await expect(chance(page)).toBeVisible({ timeout: 60_000 });
  await expect(card(page)).toContainText('When you took the plan: ');
  await expect(page.getByTestId('in-time')).toHaveText(
    /^To have it in time, chill .*: (flat|faint|gentle|lively|sharp), (sweeter than|drier than|as sweet as) meant\.$/,
  );
  const later = /^By (.*): (.*)\.$/;
  await expect(page.getByTestId('surer')).toHaveText(later);
  const [, when, odds] = later.exec(await page.getByTestId('surer').innerText())!;
  await button(page, `Wish it for ${when}`).click();
  await expect(card(page)).toContainText(`Under way, wished cold by ${when}.`);
  await expect(chance(page)).toHaveText(`In time and good: ${odds}.`, { timeout: 60_000 });

  // Bottled at last, and all of it into the fridge: no chance is told of what stands cold.
  await page.getByRole('link', { name: 'Quince and bay ginger beer' }).click();
  await button(page, 'Bottle it').click();
  await field(page, 'How many').fill('3');
  await button(page, 'Mine now').click();
  await button(page, 'Pick the bottles that leave least over').click();
  await button(page, 'Bottled').click();
  await expect(page.getByText(/Labels for/)).toBeVisible();
  await page.goto('/plan');
  await expect(chance(page)).toBeVisible({ timeout: 60_000 });
  await page.goto('/');
  await button(page, 'Chilled all 2').click();
  await expect(button(page, 'Chilled all 2')).toHaveCount(0);
  await page.goto('/plan');
  await expect(card(page)).toContainText('In the fridge: ready ');
  await expect(chance(page)).toHaveCount(0);
  await expect(days).toContainText('A glass can be poured: Quince and bay ginger beer');
  await expect(days).not.toContainText('Chill all');
});
