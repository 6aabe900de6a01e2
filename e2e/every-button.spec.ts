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
async function workSheet(page: Page, pressed: string) {
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

/** Waits until what is drawn a moment later is there too. */
async function drawn(page: Page) {
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  let before = -1;
  await expect
    .poll(
      async () => {
        const now = (await names(page, 'main')).length;
        const settled = now === before;
        before = now;
        return settled;
      },
      { intervals: [700] },
    )
    .toBe(true);
}

/** Presses every button of a page once, and goes back to it whenever one leads away. @returns how many were pressed */
async function pressAll(page: Page, path: string): Promise<number> {
  await drawn(page);
  const seen = new Set<string>();
  for (let round = 0; round < 26; round++) {
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
    if ((await page.getByRole('dialog').count()) > 0) await workSheet(page, `${path}: ${next}`);
    if (page.url() !== before) {
      await page.goto(before);
      await drawn(page);
    }
  }
  return seen.size;
}

for (const [where, paths] of [
  ['today, starters and rack', ['/', '/starters', '/rack', '/bottles', '/clock']],
  ['brews and what stands behind the menu', ['/brews', '/brews/new', '/brews/recipes', '/workbook', '/more']],
] as const) {
  test(`every button that acts, ${where}: what it writes is taken`, async ({ page }) => {
    test.setTimeout(600_000);
    const stumbles: string[] = [];
    page.on('pageerror', (fault) => stumbles.push(fault.message));
    let pressed = 0;
    for (const path of paths) {
      await page.goto(demoAt(path));
      pressed += await pressAll(page, path);
    }
    expect(stumbles).toEqual([]);
    expect(pressed).toBeGreaterThan(15);
  });
}

test('every button that acts, on the pages of lots: what it writes is taken', async ({ page }) => {
  test.setTimeout(600_000);
  const stumbles: string[] = [];
  page.on('pageerror', (fault) => stumbles.push(fault.message));
  let pressed = 0;
  for (const list of ['/starters', '/brews'])
    for (const index of [0]) {
      await page.goto(demoAt(list));
      await drawn(page);
      const link = page.locator(`main a[href*="${list}/"]`).nth(index);
      await link.click();
      pressed += await pressAll(page, `${list}, its page ${index + 1}`);
    }
  expect(stumbles).toEqual([]);
  expect(pressed).toBeGreaterThan(15);
});
