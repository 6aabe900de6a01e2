import { expect, test, type Page } from '@playwright/test';
import { demoAt, demoState, detailsOf, forecastReady } from './kitchen';

test.use({ storageState: demoState });

/** Names of everything that can be pressed on a page, once all figures are there. */
async function labels(page: Page, path: string): Promise<string[]> {
  await page.goto(demoAt(path));
  await expect(page.getByRole('heading').first()).toBeVisible();
  await expect(page.getByText('being worked out', { exact: false })).toHaveCount(0);
  await expect(page.getByText('beyond its forecast', { exact: false })).toHaveCount(0);
  const all = page.locator('main').locator('[aria-label]');
  await expect(all.first()).toBeVisible();
  return all.evaluateAll((every) =>
    every.map((each) => `${each.getAttribute('aria-label')}\n${(each as HTMLElement).innerText}`),
  );
}

/** What the kitchen's clock says of each lot: its verb, from and until, and what it is like. */
async function clock(page: Page) {
  const rows = new Map<string, { verb: string; from: string; until: string; like: string }>();
  await expect(async () => {
    rows.clear();
    for (const label of await labels(page, '/clock')) {
      const read = /^([^:\n]+): ([a-z ]+) from (.+?) until (.+?)(?:, or [^;]+)?; (.+)/.exec(label);
      if (read) rows.set(read[1]!, { verb: read[2]!, from: read[3]!, until: read[4]!, like: read[5]! });
    }
    expect(rows.size).toBeGreaterThan(8);
  }).toPass();
  return rows;
}

test('every view of the household says the same of a lot: litres, sugar, liveliness, pressure, verb and time', async ({
  page,
}) => {
  const rows = await clock(page);
  let compared = 0;
  const same = (said: string | undefined, other: string | undefined, of: string) => {
    expect(said, of).toBeDefined();
    expect(said, of).toBe(other);
    compared += 1;
  };

  // Jars: the word of the list is the clock's, and list and page have the same millilitres and the same draw.
  const jars = (await labels(page, '/starters')).flatMap((label) => {
    const read = /^([^,\n]+), ([^\n]+)\n[\s\S]*?([\d,]+) ml \([^)]*\)\. ([^\n]+)/.exec(label);
    return read ? [{ name: read[1]!, word: read[2]!, ml: read[3]!, gives: read[4]! }] : [];
  });
  expect(jars).toHaveLength(3);
  for (const { name, word, ml, gives } of jars) {
    same(word, rows.get(name)?.like, `${name}, list and clock`);
    await page.goto(demoAt('/starters'));
    await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
    await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
    await expect(page.getByText(/^Sugar left/).first()).toBeVisible();
    const text = await page.locator('main').innerText();
    same(/\n([\d,]+)\s+ml \(/.exec(text)?.[1], ml, `${name}, ml on its page`);
    // What grains give is said by what they are fed after it.
    const strained = /^Strain ([\d,]+) ml/.exec(gives);
    if (strained) same(/Strain ([\d,]+) ml/.exec(text)?.[1], strained[1], `${name}, strained on its page`);
    else expect(text, name).toContain(gives);
    expect(text, name).toContain(word.replace('resting in the fridge', 'Resting at about 4 °C'));
  }

  // Bottles: pressure, verb and time on the rack are the clock's.
  const bottles = (await labels(page, '/rack')).flatMap((label) => {
    const read =
      /^(.+, bottle \d+): about (.+?) of what it bears[^;]*; (?:squeeze [^,]+, or )?(chill|best opened) (?:by )?([^\n]+)/.exec(
        label,
      );
    return read ? [{ name: read[1]!, share: read[2]!, verb: read[3]!, when: read[4]! }] : [];
  });
  expect(bottles).toHaveLength(6);
  const bed = (words: string) => words.replace('before bed', '22:30');
  for (const { name, share, verb, when } of bottles) {
    const row = rows.get(name)!;
    same(verb === 'chill' ? 'chill' : 'open', row.verb, `${name}, verb`);
    same(share, /^(.+?) of what it bears/.exec(row.like)?.[1], `${name}, share of its limit`);
    same(bed(when), row.until, `${name}, until`);
  }

  // Today's orders begin and end when the clock's do.
  await page.goto(demoAt('/'));
  const chill = page.getByTestId('action-chill').first();
  await expect(chill).toContainText(/Squeeze bottle 4 of Plum and bay/);
  await expect(chill).not.toContainText('A first estimate', { timeout: 120_000 });
  const details = await detailsOf(page, chill);
  const window = /Without a look: chill (?:between|from) ((?:tomorrow )?\S+?),? (?:and )?([^.]+)\./;
  const [, from, until] = window.exec(details)!;
  same(from, rows.get('Plum and bay, bottle 2')?.from, 'Today and clock');
  same(bed(until!), rows.get('Plum and bay, bottle 2')?.until, 'Today and clock, until');
  const order = /squeeze bottle 4 (now|(?:at|tomorrow) \d+:\d+)/.exec(details)![0];
  const leads = /(Soft.*?) Without a look/.exec(details.replace(/\s+/g, ' '))![1];

  // A brew: sugar and time in the list, on its page and in its account.
  const list = (await labels(page, '/brews')).map((label) => label.replace(/\n+/g, '\n'));
  const plum = list.find((label) => label.startsWith('Plum and bay, Bottled'))!;
  await page.getByRole('link', { name: /^Plum and bay/ }).click();
  await forecastReady(page);
  const text = await page.locator('main').innerText();
  const sugar = /(\d+) g\/L at the start/.exec(plum)?.[1];
  same(/Driven by .*?(\d+) g\/L/.exec(text)?.[1], sugar, 'sugar on its page');
  same(/Sugar account\s+(\d+)\s+g\/L/.exec(text)?.[1], sugar, 'sugar of its account');
  same(
    /Without a look: chill (?:between|from) ((?:tomorrow )?\d+:\d+)/.exec(text)?.[1],
    from,
    'time on its page',
  );
  same(/, or chill (?:by )?(.+)/.exec(plum)?.[1], until, 'time in the list');
  // The rule is one, too.
  same(
    /squeeze bottle 4 (now|(?:at|tomorrow) \d+:\d+)/i.exec(text)?.[0].toLowerCase(),
    order,
    'look on its page',
  );
  same(/(Soft.*?)\n/.exec(text)?.[1]?.trim(), leads, 'what the look leads to, on its page');
  // The glass is never squeezed, here or on Today: its pilot is.
  expect(text).not.toMatch(/squeeze bottle [23]/i);
  expect(compared).toBe(33);
});

test('until the next answer is there, what was just done is acknowledged and the old orders stand back', async ({
  page,
}) => {
  // The worker never comes: what is shown are the answers that were kept.
  await page.route(/forecast-worker/, () => undefined);
  const again = 'Noted. This is being worked out again.';
  await page.goto(demoAt('/starters'));
  await page.getByRole('link', { name: /^Nib/ }).click();
  const draw = page.getByTestId('draw-card');
  await expect(draw).toContainText('A dose does ');
  await page.getByRole('radio', { name: 'Good foam' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Nib' })).toBeVisible();
  await expect(draw).toContainText(again);
  await expect(draw).not.toContainText('A dose does ');

  await page.goto(demoAt('/'));
  const watched = page.getByTestId('action-chill').first();
  await expect(watched).toContainText('squeeze only the soft bottle');
  await watched.getByRole('button', { name: 'Squeezed: firm' }).click();
  await expect(watched).toContainText(again);
  await expect(watched).not.toContainText('squeeze only the soft bottle');
});
