import { expect, test, type Page } from '@playwright/test';
import { beginBug, button, field, setClock } from './kitchen';

const begun = Date.parse('2026-09-07T08:00:00Z');
const choose = async (page: Page, group: string, name: string) => {
  await page.goto('/more');
  const chip = page.getByRole('radiogroup', { name: group }).getByRole('radio', { name, exact: true });
  await Promise.all([page.waitForEvent('load'), chip.click()]);
};

test('a kitchen turns Dutch and back: jar, brew and journal stay, what was typed in English is there', async ({
  page,
}) => {
  await setClock(page, begun);
  await beginBug(page, 'Tansy');
  await choose(page, 'Language', 'Nederlands');
  await expect(page.getByRole('heading', { name: 'Meer', exact: true })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'nl');

  // The jar is fed, a brew is composed by Dutch names, and what was done is told in Dutch.
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Nu even niets te doen' })).toBeVisible();
  await page.getByRole('link', { name: 'Starters', exact: true }).click();
  await page.getByRole('link', { name: /^Tansy/ }).click();
  await expect(page.getByText('Starters / gemberstarter', { exact: false })).toBeVisible();
  await button(page, /^Gevoed/)
    .first()
    .click();
  await expect(page.getByRole('alert').or(page.getByText('Ongedaan maken')).first()).toBeVisible();
  await page.goto('/brews/new');
  await button(page, /^Smaak: /).click();
  await field(page, 'Wat erin gaat').fill('300g pruimen, 2 el honing');
  await field(page, 'Wat erin gaat').press('Enter');
  await expect(button(page, /^Smaak: /)).toHaveAttribute('aria-label', /300 g pruim/);
  await expect(button(page, /^Zoet: /)).toHaveAttribute('aria-label', /honing/);
  await button(page, /^Gemengd/).click();
  await expect(page.getByText('Brouwsels / gemengd, niet geënt')).toBeVisible();

  // An order in Dutch that cannot be followed is refused in Dutch, where it was typed.
  await button(page, 'Doe de starter erbij').click();
  await page.getByRole('textbox', { name: 'Temperatuur van de basis, °C' }).fill('45');
  await button(page, 'Geënt').click();
  await expect(page.getByText(/45 °C doodt een starter/).first()).toBeVisible();
  await page.keyboard.press('Escape');

  await choose(page, 'Taal', 'English');
  await expect(page.getByRole('heading', { name: 'More', exact: true })).toBeVisible();
  await page.goto('/starters');
  await expect(page.getByRole('link', { name: /^Tansy/ })).toBeVisible();
});

test.describe('a browser of the United States', () => {
  test.use({ locale: 'en-US' });

  test('measures in ounces, quarts and °F, in and out; metric is one tap away', async ({ page }) => {
    await setClock(page, begun);
    await page.goto('/starters/new');
    await field(page, 'Name').fill('Moss');
    await field(page, 'Jar').fill('1 quart');
    // Bare numbers are ounces here: 16 fl oz of water are 473 ml, 1 oz of ginger 28 g.
    await field(page, 'Water').fill('16');
    await field(page, 'Fresh ginger').fill('1');
    await field(page, 'White sugar').fill('2 tbsp');
    await button(page, 'Begin').click();
    await expect(page.getByRole('heading', { name: 'Moss', exact: true })).toBeVisible();
    await expect(page.getByText(/fl oz .*in a 1 qt jar/)).toBeVisible();
    await page.goto('/');
    await expect(page.getByTestId('kitchen-celsius')).toHaveText('69.8');
    await expect(page.getByText('Kitchen °F')).toBeVisible();
    await expect(page.locator('main').first()).not.toContainText(/\d (ml|g|°C)\b/);

    // 86 °F are 30 °C: warm, and allowed; 104 °F are not.
    await page.goto('/places');
    const counter = page.getByRole('textbox', { name: 'Counter, °F' });
    await counter.fill('77');
    await counter.press('Tab');
    await page.goto('/');
    await expect(page.getByTestId('kitchen-celsius')).toHaveText('77.0');

    await choose(page, 'Weights and volumes', 'Metric');
    await choose(page, 'Temperature', '°C');
    await page.goto('/');
    await expect(page.getByTestId('kitchen-celsius')).toHaveText('25.0');
    await page.getByRole('link', { name: 'Starters', exact: true }).click();
    await page.getByRole('link', { name: /^Moss/ }).click();
    // 473 ml of water, 28 g of ginger and 26 g of sugar fill about half a litre of a 946 ml jar.
    await expect(page.getByText(/ml .*in a 946 ml jar/)).toBeVisible();
  });
});
