import { expect, test, type Page } from '@playwright/test';
import { demoAt, demoState } from './kitchen';

test.use({ storageState: demoState });

/** Buttons that leave the household, ask the browser for something, or empty it. */
const leftAlone =
  /forget|export|import|save|print|download|picture|share|my own|keep to a file|copy|make a sheet|bell|menu|find/i;

/** Names of the buttons in sight or below, on the page or in its sheet. */
const names = (page: Page, inside: string) =>
  page
    .locator(`${inside} [role=button], ${inside} button`)
    .evaluateAll((all) =>
      all
        .filter(
          (each) => !(each as HTMLButtonElement).disabled && each.getAttribute('aria-disabled') !== 'true',
        )
        .map((each) => each.getAttribute('aria-label') ?? each.textContent ?? ''),
    );

/** Nothing that was pressed was refused by the schema, and no page stumbled. */
async function allWell(page: Page, pressed: string) {
  await expect(page.getByText('That was not kept.'), pressed).toHaveCount(0);
  await expect(page.getByText('This page stumbled'), pressed).toHaveCount(0);
}

/** In a sheet: the first chip of every group, then its last button, which is the one that writes. */
async function useSheet(page: Page, pressed: string) {
  const dialog = page.getByRole('dialog').last();
  for (const group of await dialog.getByRole('radiogroup').all()) {
    const chip = group.getByRole('radio').first();
    if (await chip.isVisible()) await chip.click({ timeout: 2000 }).catch(() => undefined);
  }
  const buttons = await dialog.getByRole('button').all();
  const last = buttons.at(-1);
  if (last && (await last.isEnabled()) && !leftAlone.test((await last.textContent()) ?? ''))
    await last.click({ timeout: 2000 }).catch(() => undefined);
  await allWell(page, pressed);
  for (let i = 0; i < 2 && (await page.getByRole('dialog').count()) > 0; i++)
    await page.keyboard.press('Escape');
}

/** Presses every button of a page once, and goes back to it whenever one leads away. @returns how many were pressed */
async function pressAll(page: Page, path: string): Promise<number> {
  await page.goto(demoAt(path));
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  const seen = new Set<string>();
  for (let round = 0; round < 60; round++) {
    const next = (await names(page, 'main')).find(
      (name) => name !== '' && !seen.has(name) && !leftAlone.test(name),
    );
    if (next === undefined) break;
    seen.add(next);
    const before = page.url();
    await page
      .locator('main')
      .getByRole('button', { name: next, exact: true })
      .first()
      .click({ timeout: 2000 })
      .catch(() => undefined);
    await allWell(page, `${path}: ${next}`);
    if ((await page.getByRole('dialog').count()) > 0) await useSheet(page, `${path}: ${next}`);
    if (page.url() !== before) {
      await page.goto(before);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    }
  }
  return seen.size;
}

for (const [where, paths] of [
  ['today, starters and rack', ['/', '/starters', '/rack', '/bottles', '/clock']],
  ['brews and what stands behind the menu', ['/brews', '/brews/new', '/brews/recipes', '/workbook', '/more']],
] as const) {
  test(`every button that acts, ${where}: what it writes is taken`, async ({ page }) => {
    test.slow();
    const stumbles: string[] = [];
    page.on('pageerror', (fault) => stumbles.push(fault.message));
    let pressed = 0;
    for (const path of paths) pressed += await pressAll(page, path);
    expect(stumbles).toEqual([]);
    expect(pressed).toBeGreaterThan(25);
  });
}

test('every button that acts, on the pages of lots: what it writes is taken', async ({ page }) => {
  test.slow();
  const stumbles: string[] = [];
  page.on('pageerror', (fault) => stumbles.push(fault.message));
  let pressed = 0;
  for (const list of ['/starters', '/brews']) {
    await page.goto(demoAt(list));
    const links = page.locator('main').getByRole('link');
    await expect(links.first()).toBeVisible();
    const hrefs = await links.evaluateAll((all) => all.map((each) => each.getAttribute('href')));
    const pages = [
      ...new Set(hrefs.filter((href): href is string => href !== null && href.split('/').length > 2)),
    ];
    for (const path of pages.slice(0, 2)) pressed += await pressAll(page, path);
  }
  expect(stumbles).toEqual([]);
  expect(pressed).toBeGreaterThan(20);
});
