import { expect, test } from '@playwright/test';
import { beginBug, button } from './kitchen';

const bad = [
  ['damaged', '{"schema":"yuzet.journal/1","entries":[{"kind":"fed"', 'damaged or is not a Yuzet journal'],
  ['foreign', '{"batches":[1,2,3]}', 'not a Yuzet journal'],
  ['newer', '{"schema":"yuzet.journal/7","entries":[]}', 'newer Yuzet'],
  ['bent', '{"schema":"yuzet.journal/1","entries":[{"kind":"fed","version":1}]}', 'Entry 1 of 1'],
] as const;

for (const [name, text, reason] of bad) {
  test(`a ${name} file is refused with a reason and changes nothing`, async ({ page }) => {
    await beginBug(page, 'Sorrel');
    await page.goto('/data');
    await expect(page.getByText('1 entry in this browser')).toBeVisible();
    await page
      .getByLabel('Journal file')
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await expect(page.getByTestId('data-said')).toContainText(reason);
    await expect(page.getByTestId('data-said')).toContainText('Nothing was changed');
    await page.reload();
    await expect(page.getByText('1 entry in this browser')).toBeVisible();
  });
}

test('50 MB of nonsense is refused without stopping the page', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  await page.goto('/data');
  // Made in the page: the driver sends no buffer that large.
  await page.getByLabel('Journal file').evaluate((input: HTMLInputElement) => {
    const files = new DataTransfer();
    files.items.add(new File(['x'.repeat(50_000_000)], 'huge.json'));
    input.files = files.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
  });
  await expect(page.getByTestId('data-said')).toContainText('over 20 MB');
});

test('when the device is full, the entry stays in memory, is told, exported and saved later', async ({
  page,
}) => {
  await beginBug(page, 'Sorrel');
  // The browser refuses every write, as a full disk does.
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await button(page, /^Fed the usual/).click();
  await expect(page.getByTestId('unsaved')).toContainText('1 entry is not saved');
  await expect(page.getByText(/^Added \d+ g \(.*?\) fresh ginger/)).toBeVisible();
  const download = page.waitForEvent('download');
  await button(page, 'Save to a file').click();
  expect((await download).suggestedFilename()).toMatch(/^yuzet-journal-.*\.json$/);
  await page.evaluate(() => (window as { makeRoom?: () => void }).makeRoom?.());
  await button(page, 'Try again').click();
  await expect(page.getByTestId('unsaved')).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/^Added \d+ g \(.*?\) fresh ginger/)).toBeVisible();
});

test('two open tabs see each other’s entries', async ({ page, context }) => {
  await beginBug(page, 'Sorrel');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('heading', { name: 'Sorrel', exact: true })).toBeVisible();
  await button(page, /^Fed the usual/).click();
  await expect(other.getByText(/^Added \d+ g \(.*?\) fresh ginger/)).toBeVisible();
  await button(other, /^Undo: Added/).click();
  await expect(page.getByText(/^Added \d+ g \(.*?\) fresh ginger/)).toHaveCount(0);
});

test('an address that leads nowhere says so', async ({ page }) => {
  await page.goto('/starters/0000000000000none');
  await expect(page.getByRole('heading', { name: 'This starter is not in the journal' })).toBeVisible();
  await page.goto('/no-such-place');
  await expect(page.getByRole('heading', { name: 'This page is not in the journal' })).toBeVisible();
});
