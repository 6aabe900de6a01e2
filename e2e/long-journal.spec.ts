import { expect, test } from '@playwright/test';
import { writeBackup } from '../src/core/formats/write-backup';
import { nextId } from '../src/core/journal/instant-id';
import type { Entry } from '../src/core/journal/entry';
import { setClock } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

const start = Date.UTC(2026, 0, 1);
const feeds = 3000;

/** A bug fed every two hours, each feed with its own number of grams in a note. */
function longJournal(): string {
  const written = (at: number) => ({
    id: nextId({ ms: 0, count: 0 }, at, 'long').id,
    at,
    offset: 0,
    version: 2 as const,
  });
  const begun: Entry = {
    ...written(start),
    kind: 'lot-begun',
    role: 'starter',
    name: 'Long Sorrel',
    vessel: { kind: 'jar', ml: 3000 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
    portions: [
      { what: 'water', ml: 900 },
      { what: 'ginger', grams: 40 },
      { what: 'white-sugar', grams: 40 },
    ],
  };
  const fed = Array.from({ length: feeds }, (_, index): Entry => ({
    ...written(start + (index + 1) * 2 * hourMs),
    kind: 'portions-added',
    lotId: begun.id,
    portions: [{ what: 'white-sugar', grams: 0.1 }],
    note: `Feed ${index + 1}`,
  }));
  return writeBackup([begun, ...fed], '2026-09-10T00:00:00Z');
}

test('a ledger of 3,000 rows draws what is in sight, and scrolls from the newest to the first', async ({
  page,
}) => {
  await setClock(page, start + (feeds + 1) * 2 * hourMs);
  await page.goto('/data');
  await page
    .getByLabel('Journal file')
    .setInputFiles({ name: 'long.json', mimeType: 'application/json', buffer: Buffer.from(longJournal()) });
  await expect(page.getByTestId('data-said')).toContainText('3,001 new entries', { timeout: 30_000 });
  await page.goto('/starters');
  await page.getByRole('link', { name: /^Long Sorrel/ }).click();
  const rows = page.getByRole('button', { name: /^Undo: / });
  await expect(page.getByText(`Feed ${feeds}`, { exact: false })).toBeVisible();
  const scrolled = page.locator('[role="main"]').last();
  const most: number[] = [await rows.count()];
  for (const share of [0.25, 0.5, 0.75, 1, 1]) {
    await scrolled.evaluate((element, to) => void (element.scrollTop = element.scrollHeight * to), share);
    await page.waitForTimeout(300);
    most.push(await rows.count());
  }
  await scrolled.evaluate((element) => void (element.scrollTop = element.scrollHeight));
  await expect(page.getByText(/^Begun with 900 ml \(3¾ cups\) water/)).toBeVisible();
  expect(Math.max(...most)).toBeLessThan(200);
  expect(Math.min(...most)).toBeGreaterThan(10);
});
