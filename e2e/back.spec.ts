import { expect, test } from '@playwright/test';
import { demoAt, demoState } from './kitchen';

test.use({ storageState: demoState });

test('looking back shows what was forecast beside what was found, the seasons, each one’s likes, and where bottles went', async ({
  page,
}) => {
  await page.goto(demoAt('/back'));
  const said = page.getByTestId('calibration');
  await expect(said).toContainText(/Of \d+ looks, \d+ fell within/, { timeout: 120_000 });
  const [, of, held] = /Of (\d+) looks, (\d+) fell/.exec((await said.textContent())!)!;
  // The rows of the three kinds add up to what the sentence says.
  const sum = { held: 0, of: 0 };
  for (const kind of ['Fizz', 'Sweetness', 'Hiss']) {
    await page.getByRole('radio', { name: kind, exact: true }).click();
    const name = await page.getByTestId('held-plot').getByRole('img').getAttribute('aria-label');
    const [, some, all] = new RegExp(`^${kind}: (\\d+) of (\\d+) looks`).exec(name!)!;
    sum.held += Number(some);
    sum.of += Number(all);
  }
  expect(sum).toEqual({ held: Number(held), of: Number(of) });
  await expect(
    page.getByRole('img', { name: 'Fizz and sweetness of 4 batches, as they were sipped.' }),
  ).toBeVisible();
  await expect(page.getByRole('img', { name: 'Ida likes it balanced and gentle.' })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Bo likes it/ })).toBeVisible();
  // Every bottle of the household once: those that were opened, and those on the rack.
  const fates = page.getByTestId('fates');
  await expect(fates).toContainText('Where 19 bottles went');
  await expect(fates).toContainText('13 opened well');
  await expect(fates).toContainText('6 still closed');
  await page.getByRole('link', { name: 'Rack', exact: true }).click();
  await expect(page.getByText('6 closed bottles', { exact: false })).toBeVisible();
});
