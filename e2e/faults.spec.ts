import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { act, beginBug, button, demoAt, setClock, sheet } from './kitchen';
import { dayMs } from '../src/core/duration.ts';

const oldJournal = readFileSync('src/core/journal/fixtures/story.v1.json');
const fedRows = /^Added \d+ g \(.*?\) fresh ginger/;

test('a reload in the same instant as the tap loses nothing that was shown', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  for (let round = 1; round <= 6; round++) {
    // Tapped and reloaded within one task: nothing asynchronous has a chance to run between.
    await page.evaluate(() => {
      const fed = Array.from(document.querySelectorAll<HTMLElement>('[role="button"]')).find((each) =>
        each.getAttribute('aria-label')?.startsWith('Fed the usual'),
      );
      fed?.click();
      window.onbeforeunload = null;
      window.location.reload();
    });
    await expect(page.getByText(fedRows)).toHaveCount(round);
  }
});

test('what is shown is marked until it is on disk, and leaving then asks', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  await page.evaluate(() => {
    const { put } = IDBObjectStore.prototype;
    const held: (() => void)[] = [];
    // A slow disk: the request is made, and its transaction kept open until it is let go.
    IDBObjectStore.prototype.put = function (value, key) {
      const request = key === undefined ? put.call(this, value) : put.call(this, value, key);
      const spin = () => !(window as { go?: boolean }).go && (this.get('nothing').onsuccess = spin);
      spin();
      held.push(spin);
      return request;
    };
  });
  await button(page, /^Fed the usual/).click();
  await expect(page.getByText(/, being kept/).first()).toBeVisible();
  const prevented = await page.evaluate(() => {
    const event = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(event);
    return event.defaultPrevented;
  });
  expect(prevented).toBe(true);
  await page.evaluate(() => ((window as { go?: boolean }).go = true));
  await expect(page.getByText(/, being kept/)).toHaveCount(0);
});

test('an import into a full store says that nothing is kept, and keeps it when there is room', async ({
  page,
}) => {
  await page.goto('/data');
  await page.evaluate(() => {
    const { put } = IDBObjectStore.prototype;
    Object.assign(window, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page
    .getByLabel('Journal file')
    .setInputFiles({ name: 'old.json', mimeType: 'application/json', buffer: oldJournal });
  await expect(page.getByTestId('data-said')).toContainText('none is saved yet');
  await button(page, 'Try again').click();
  await expect(page.getByTestId('unsaved')).toContainText('Still no room');
  await page.evaluate(() => (window as { makeRoom?: () => void }).makeRoom?.());
  await button(page, 'Try again').click();
  await expect(page.getByTestId('unsaved')).toHaveCount(0);
  await page.goto('/starters');
  await expect(page.getByRole('link', { name: /^Thistle/ })).toBeVisible();
});

test('a file of nonsense is read away from the page, and its reading is cancelled by a tap', async ({
  page,
}) => {
  await page.goto('/data');
  const nonsense = `{"schema":"yuzet.journal/2","entries":[${Array(2_000_000).fill('{"a":1}').join(',')}]}`;
  await page
    .getByLabel('Journal file')
    .setInputFiles({ name: 'nonsense.json', mimeType: 'application/json', buffer: Buffer.from(nonsense) });
  await button(page, 'Cancel').click();
  await expect(page.getByTestId('data-said')).toHaveText('Cancelled. Nothing was changed.');
  await expect(page.getByText('0 entries in this browser')).toBeVisible();
});

test('a journal of the first version comes in by its file', async ({ page }) => {
  await page.goto('/data');
  await page
    .getByLabel('Journal file')
    .setInputFiles({ name: 'old.json', mimeType: 'application/json', buffer: oldJournal });
  await expect(page.getByTestId('data-said')).toContainText(/32 new entries of 32 taken in/);
  await page.goto('/starters');
  await page.getByRole('link', { name: /^Thistle/ }).click();
  await expect(page.getByText('604').or(page.getByText('605')).first()).toBeVisible();
  await page.goto('/brews');
  await expect(page.getByRole('link', { name: /^Sorrel and pear, Bottled/ })).toBeVisible();
});

test('records of the first version on disk are brought up at the start', async ({ page }) => {
  const { entries } = JSON.parse(oldJournal.toString()) as { entries: { id: string }[] };
  await page.goto('/data');
  await expect(page.getByText('0 entries in this browser')).toBeVisible();
  await page.evaluate(async (list) => {
    const db = await new Promise<IDBDatabase>((open) => {
      const request = indexedDB.open('yuzet');
      request.onsuccess = () => open(request.result);
    });
    const transaction = db.transaction('entries', 'readwrite');
    for (const entry of list)
      transaction.objectStore('entries').put(JSON.stringify(entry), `entry:${entry.id}`);
    transaction.objectStore('entries').put('{"broken', 'entry:0mzzzzzzz0000zzzz');
    transaction
      .objectStore('entries')
      .put(JSON.stringify({ ...list[0], id: '0mzzzzzzy0000zzzz', version: 7 }), 'entry:0mzzzzzzy0000zzzz');
    await new Promise((done) => (transaction.oncomplete = done));
  }, entries);
  await page.reload();
  await expect(page.getByText('32 entries in this browser')).toBeVisible();
  await expect(page.getByTestId('damaged')).toContainText('1 stored record could not be read');
  await expect(page.getByTestId('newer')).toContainText('from a newer Yuzet');
});

test('forgetting everything while another tab writes leaves nothing behind', async ({ page, context }) => {
  await beginBug(page, 'Sorrel');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(button(other, /^Fed the usual/)).toBeVisible();
  await page.goto('/data');
  await button(page, 'Forget everything').click();
  await Promise.all([
    button(page, /Yes, forget/).click(),
    other.evaluate(() => {
      for (let i = 0; i < 5; i++)
        Array.from(document.querySelectorAll<HTMLElement>('[role="button"]'))
          .find((each) => each.getAttribute('aria-label')?.startsWith('Fed the usual'))
          ?.click();
    }),
  ]);
  await expect(page.getByText('0 entries in this browser')).toBeVisible();
  await page.waitForTimeout(500);
  await page.reload();
  await expect(page.getByText('0 entries in this browser')).toBeVisible();
});

test('two demo tabs opened at once sow one household', async ({ context }) => {
  const pages = await Promise.all([context.newPage(), context.newPage()]);
  await Promise.all(pages.map((each) => each.goto(demoAt('/starters'))));
  for (const each of pages) {
    await expect(each.getByRole('link', { name: /^Nib/ })).toHaveCount(1);
    await each.reload();
    await expect(each.getByRole('link', { name: /^Nib/ })).toHaveCount(1);
  }
});

test('a sheet holds the focus, and Escape leaves it where it came from', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  await page.getByRole('group', { name: 'Acts' }).getByRole('button', { name: 'Look' }).focus();
  await page.keyboard.press('Enter');
  await expect(sheet(page)).toBeVisible();
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press('Tab');
    if (i % 12 === 0)
      expect(await page.evaluate(() => document.activeElement?.closest('[role="dialog"]') !== null)).toBe(
        true,
      );
  }
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'Acts' }).getByRole('button', { name: 'Look' })).toBeFocused();
});

test('keys: n, / and ? as the list says', async ({ page }) => {
  await page.goto(demoAt('/'));
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  // The keys come with the page's later parts.
  await expect(async () => {
    await page.keyboard.press('?');
    await expect(sheet(page)).toContainText('a new brew', { timeout: 2000 });
  }).toPass();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await sheet(page).getByRole('searchbox', { name: 'Name' }).fill('quince');
  await sheet(page).getByRole('link', { name: 'Quince and thyme', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Quince and thyme' })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'A new brew' })).toBeVisible();
});

test('the light chosen is there after a reload, and undoing offers redo', async ({ page }) => {
  await page.goto(demoAt('/more'));
  await page.getByRole('radio', { name: 'Night' }).click();
  await page.reload();
  await expect(page.getByRole('main')).toHaveCSS('background-color', 'rgb(28, 20, 32)');
  await page.goto(demoAt('/'));
  await button(page, 'Fed Nib').click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.getByRole('button', { name: 'Redo', exact: true }).click();
  await expect(page.getByText(/^Nib: Added/).first()).toBeVisible();
});

test('on a running clock five quick taps are five half degrees', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  await page.goto('/');
  await expect(page.getByTestId('kitchen-celsius')).toHaveText('21.0');
  const warmer = button(page, 'Kitchen half a degree warmer');
  for (let i = 0; i < 5; i++) await warmer.click();
  await expect(page.getByTestId('kitchen-celsius')).toHaveText('23.5');
  for (const value of ['21.5', '22.0', '22.5', '23.0', '23.5'])
    await expect(page.getByText(`Counter ${value} °C`)).toHaveCount(1);
});

test('an entry from a clock a year ahead is named, left out, and mended', async ({ page }) => {
  const start = Date.parse('2026-06-01T09:00:00Z');
  await setClock(page, start);
  await beginBug(page, 'Sorrel');
  await setClock(page, start + 365 * dayMs);
  await page.reload();
  await button(page, /^Fed the usual/).click();
  await expect(page.getByText(fedRows)).toHaveCount(1);
  await setClock(page, start + dayMs);
  await page.reload();
  await expect(page.getByTestId('ahead')).toContainText('2027');
  await expect(page.getByText(fedRows)).toHaveCount(0);
  await button(page, 'Happened just now').click();
  await expect(page.getByText(fedRows)).toHaveCount(1);
  await expect(page.getByTestId('ahead')).toHaveCount(0);
});

test('a jar drawn empty and fed by undoing shows its page, not a blank one', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  await act(page, 'Add');
  await sheet(page).getByRole('textbox', { name: 'Water' }).fill('340 ml');
  await sheet(page).getByRole('button', { name: 'Fed' }).click();
  await act(page, 'Pour');
  await sheet(page).getByRole('radio', { name: 'Away' }).click();
  await sheet(page).getByRole('button', { name: 'Poured' }).click();
  await button(page, /^Undo: Added .*340 ml \(.*?\) water/).click();
  await act(page, 'Add');
  await sheet(page).getByRole('textbox', { name: 'White sugar' }).fill('12 g');
  await sheet(page).getByRole('button', { name: 'Fed' }).click();
  await expect(page.getByRole('heading', { name: 'Sorrel', exact: true })).toBeVisible();
  await expect(page.getByTestId('draw-card')).toContainText(/Draw up to \d+ ml|Top up/);
});

test.describe('without the copy that the browser keeps', () => {
  test.use({ serviceWorkers: 'block' });

  test('a part of the app that does not come is said, with the export in reach', async ({ page }) => {
    await beginBug(page, 'Sorrel');
    await page.route('**/forms-*.js', (route) => route.abort());
    await page.goto('/brews');
    await button(page, 'Brew a soda').click();
    await expect(page.getByRole('heading', { name: 'A part of Yuzet did not load' })).toBeVisible();
    await expect(button(page, 'Save the journal to a file')).toBeVisible();
    await page.getByRole('link', { name: 'Starters' }).click();
    await expect(page.getByRole('link', { name: /^Sorrel/ })).toBeVisible();
  });
});

test('storage shut by the browser is said, and nothing is blank', async ({ page }) => {
  await page.addInitScript(() => {
    indexedDB.open = () => {
      throw new DOMException('denied', 'SecurityError');
    };
    for (const name of ['localStorage', 'sessionStorage'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('denied', 'SecurityError');
        },
      });
  });
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('does not let Yuzet read its storage');
  await expect(button(page, 'Try again')).toBeVisible();
});

test('a long unbroken name leaves Undo in sight at 390 px, and runs no page sideways', async ({ page }) => {
  const name = 'Ginger'.repeat(13);
  const notSideways = () =>
    expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await beginBug(page, name);
  await notSideways();
  await page.goto('/brews/new');
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('W'.repeat(78));
  await notSideways();
  await button(page, /^Mixed/).click();
  await expect(button(page, 'Pitch the starter')).toBeVisible();
  await notSideways();
  await page.goto('/');
  await expect(page.getByTestId('action-pitch')).toBeVisible();
  await notSideways();
  const undo = button(page, /^Undo: Ginger/);
  await expect(undo).toBeVisible();
  const box = (await undo.boundingBox())!;
  expect(box.x + box.width).toBeLessThanOrEqual(390);
});

test('a file of brackets is refused at once, and the page answers meanwhile', async ({ page }) => {
  await page.goto('/data');
  await page.getByLabel('Journal file').evaluate((input: HTMLInputElement) => {
    const files = new DataTransfer();
    files.items.add(new File(['['.repeat(19_000_000)], 'brackets.json'));
    input.files = files.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
  });
  await expect(page.getByTestId('data-said')).toContainText('damaged or is not a Yuzet journal');
});

test('in the hour that comes twice each feed says which of the two it was, the later one on top', async ({
  page,
}) => {
  // Lisbon, 25 October 2026: at 2:00 summer time the clock goes back to 1:00.
  await setClock(page, '2026-10-24T20:00:00Z');
  await beginBug(page, 'Sorrel');
  for (const instant of ['2026-10-25T00:45:00Z', '2026-10-25T01:15:00Z']) {
    await setClock(page, instant);
    await button(page, /^Fed the usual/).click();
    await expect(page.getByText(/, being kept/)).toHaveCount(0);
  }
  const moments = page.getByText(/^1:\d\d \((summer|winter) time\)/);
  await expect(moments).toHaveText([/^1:15 \(winter time\)/, /^1:45 \(summer time\)/]);
});

test('no row of the worktop moves when the forecast of what is on it comes', async ({ page }) => {
  await beginBug(page, 'Sorrel');
  let letGo = () => {};
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route(/forecast-worker/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/brews/new');
  const row = button(page, /^Sweet: /);
  await expect(page.getByTestId('board')).toContainText('the coming ferment…');
  const before = await row.boundingBox();
  letGo();
  await expect(page.getByTestId('compose-words')).toBeVisible();
  expect(await row.boundingBox()).toEqual(before);
});
