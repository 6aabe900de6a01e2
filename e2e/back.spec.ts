import { expect, test, type Page } from '@playwright/test';

const pathOf = (page: Page) => new URL(page.url()).pathname;
const heading = (page: Page) => page.getByRole('heading', { level: 1 }).last();

/** Where one is: the path and what stands above it. */
async function here(page: Page) {
  await expect(heading(page)).toBeVisible();
  return [pathOf(page), await heading(page).innerText()] as const;
}

test('back goes where one came from: from Today and from each list, through a brew and its bottle', async ({
  page,
}) => {
  await page.goto('/?demo=1&now=2026-05-04T18:20');
  const way: (readonly [path: string, title: string])[] = [];
  const go = async (link: string, words = '') => {
    way.push(await here(page));
    const [before] = way.at(-1)!;
    await page.locator(`main a[href*="${link}"]`, { hasText: words }).first().click();
    await expect.poll(() => pathOf(page)).not.toBe(before);
  };
  await page.getByRole('link', { name: 'Brews', exact: true }).click();
  await expect.poll(() => pathOf(page)).toBe('/brews');
  await go('/brews/', 'Bottled for');
  await go('/bottles/');
  way.push(await here(page));
  await page.getByRole('link', { name: 'Starters', exact: true }).click();
  await expect.poll(() => pathOf(page)).toBe('/starters');
  await go('/starters/');
  expect(way.map(([path]) => path)).toHaveLength(4);
  for (const [path, title] of [...way].reverse()) {
    await page.goBack();
    await expect.poll(() => pathOf(page)).toBe(path);
    await expect(heading(page)).toHaveText(title);
  }
  await page.goBack();
  await expect.poll(() => pathOf(page)).toBe('/');
});
