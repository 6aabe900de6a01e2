import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import {
  act,
  button,
  field,
  forecastReady,
  leaveOut,
  put,
  scaleBy,
  setClock,
  sheet,
  unfold,
  drawDetails,
} from './kitchen';
import { dayMs } from '../src/core/duration.ts';

const start = Date.parse('2026-06-01T09:00:00Z');

test('from a ginger bug to an opened bottle, with typed input and reloads between', async ({ page }) => {
  const at = (days: number) => setClock(page, start + days * dayMs);
  await at(0);

  // 1: an empty kitchen leads to the first bug.
  await page.goto('/');
  await expect(page.getByRole('heading', { name: /empty kitchen/i })).toBeVisible();
  await page.getByRole('link', { name: 'Nothing yet' }).click();
  await expect(page.getByRole('heading', { name: /^First glass about / })).toBeVisible();
  await button(page, 'Begin it now').click();
  await field(page, 'Name').fill('Marigold');
  await field(page, 'Jar').fill('1 l');
  await field(page, 'Water').fill('5 dl');
  await field(page, 'Fresh ginger').fill('3 handfuls');
  await field(page, 'White sugar').fill('1 1/2 tbsp');
  await button(page, 'Begin').click();
  await expect(page.getByTestId('error-portions.1.amount')).toContainText('“handfuls” is not a unit');
  await field(page, 'Fresh ginger').fill('¼ cup');
  await expect(page.getByTestId('starter-preview')).toContainText(
    '3.8 % sweetener is thin: 4–6 % would be 20–30 g',
  );
  await field(page, 'White sugar').fill('2 tbsp');
  await expect(page.getByTestId('starter-preview')).toContainText('5.1');
  await button(page, 'Begin').click();
  await expect(page.getByRole('heading', { name: 'Marigold', exact: true })).toBeVisible();
  await expect(page.getByTestId('draw-card')).toContainText('Not to be drawn from yet');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Marigold', exact: true })).toBeVisible();

  // Feed, slip, undo.
  for (const days of [1, 2, 3, 4, 5]) {
    await at(days);
    await page.reload();
    await button(page, /^Fed the usual/).click();
    await expect(page.getByText('Fed Marigold.')).toBeVisible();
  }
  await expect(page.getByText(/^Added 1[0-9] g \(.*?\) fresh ginger/)).toHaveCount(5);
  await act(page, 'Add');
  await sheet(page).getByRole('textbox', { name: 'Fresh ginger' }).fill('2,5 dl');
  await expect(sheet(page)).toContainText('= 105 g');
  await sheet(page).getByRole('button', { name: 'Fed' }).click();
  await expect(page.getByText(/^Added 105 g \(.*?\) fresh ginger/)).toBeVisible();
  await button(page, /^Undo: Added 105/).click();
  await expect(page.getByText(/^Added 105 g \(.*?\) fresh ginger/)).toHaveCount(0);
  await at(5.5);
  await page.reload();
  await expect(page.getByTestId('draw-card')).toContainText(/Draw up to \d+ ml/);
  await expect(page.getByTestId('draw-short')).toContainText(/A dose does /);
  expect(await drawDetails(page)).toMatch(/Liveliness about \d+ % \(\d+ %–\d+ %\)/);

  // 2: a soda from it. Too much is refused with the largest draw that works.
  await button(page, 'Brew a soda from it').click();
  await field(page, 'Name').fill('Gooseberry and dill');
  await put(page, 'White sugar', '100 g');
  await leaveOut(page, 'Fresh ginger');
  await put(page, 'Starter to draw', '5 ml');
  await scaleBy(page, 'Water I have', 'Water', '1 l');
  const board = page.getByTestId('board');
  // 100 g in a litre as it is in the jug: some 50 ml boil away, 62 ml are the sugar's, 5 ml the starter's: 1,016 ml; and
  // those 5 ml of a bug that was fed a little ago hold about a third of a gram.
  await expect(page.getByTestId('board-sugar')).toContainText('99');
  await scaleBy(page, 'Litres of soda', 'Volume', '2 L');
  await put(page, 'White sugar', '160 g');
  await put(page, 'Starter to draw', '900 ml');
  await expect(page.getByTestId('brew-refusal')).toContainText(/At most \d+ ml can be drawn from Marigold/);
  await expect(page.getByTestId('short-of-starter')).toContainText(/Marigold gives \d+ ml .*; 900 ml/);
  const refusal = (await page.getByTestId('brew-refusal').textContent()) ?? '';
  await put(page, 'Starter to draw', `${/At most (\d+) ml/.exec(refusal)![1]} ml`);
  await unfold(page, 'Account');
  await expect(page.getByTestId('brew-preview')).toContainText('stay in Marigold');
  await put(page, 'Starter to draw', '160 ml');
  // 80 g/L of sugar; 160 ml of a bug that is fed and hardly begun bring some 5 g more a litre.
  await expect(page.getByTestId('board-sugar')).toContainText('85');
  await expect(board.getByTestId('compose-words')).toContainText(/^Taste .* g\/L sweet/);
  await unfold(page, 'Account');
  await expect(page.getByTestId('brew-preview')).toContainText(/^Pitched now: taste .* alcohol/);
  await expect(page.getByTestId('brew-preview')).toContainText('8.0 % of the batch');
  await expect(page.getByTestId('brew-preview')).toContainText(
    /ml \(.*?\) stay in Marigold's jar. Top up with \d+ g \(.*?\) fresh ginger/,
  );
  await button(page, /^Mixed/).click();
  await expect(page.getByRole('heading', { name: 'Gooseberry and dill' })).toBeVisible();
  await page.reload();

  // 3: pitch: refused hot, warned warm.
  await button(page, 'Pitch the starter').click();
  await field(page, 'Temperature of the base, °C').fill('45');
  await button(page, 'Pitched').click();
  await expect(page.getByText('45 °C kills a starter').first()).toBeVisible();
  await field(page, 'Temperature of the base, °C').fill('33');
  await expect(page.getByText('33 °C stresses a starter')).toBeVisible();
  await field(page, 'Temperature of the base, °C').fill('24,5');
  await button(page, 'Pitched').click();
  await forecastReady(page);
  await expect(page.getByTestId('bottling-card')).toContainText('until lively');

  await at(6.3);
  await page.reload();
  await act(page, 'Measure');
  await field(page, 'Specific gravity').fill('1.2.3');
  await button(page, 'Note it').click();
  await expect(page.getByTestId('error-measured')).toBeVisible();
  await field(page, 'Specific gravity').fill('1029');
  await expect(sheet(page)).toContainText('= 1.029');
  await button(page, 'Note it').click();
  await act(page, 'Taste');
  await page
    .getByRole('radiogroup', { name: 'Sweet' })
    .getByRole('radio', { name: 'Sweet', exact: true })
    .click();
  await button(page, 'Note it').click();
  await expect(page.getByText('Specific gravity 1.029').first()).toBeVisible();

  await act(page, 'Pour');
  await page.getByRole('radio', { name: 'Square or decorative glass' }).click();
  await expect(page.getByText(/flat faces and corners bend under pressure and burst/)).toBeVisible();
  await page.getByRole('radio', { name: 'Plastic soda bottle' }).click();
  await field(page, 'Bottles').fill('9');
  await field(page, 'Dose, each bottle').fill('2 g');
  await button(page, 'Bottled').click();
  await expect(page.getByTestId('error-count')).toContainText('There is liquid for 4 of these');
  await field(page, 'Bottles').fill('4');
  await button(page, 'Bottled').click();

  // 4: the forecast, with the limit, and the chill moment by keys and by dragging.
  await forecastReady(page);
  await expect(page.getByTestId('advice-more')).toContainText(/[Cc]hill .*because at 21\.0 °C/);
  await expect(page.getByText('working limit')).toBeVisible();
  const handle = page.getByRole('slider', { name: 'Chill here' });
  await handle.focus();
  const sentence = page.getByTestId('pour-sentence');
  await handle.press('Home');
  const early = await sentence.textContent();
  for (let i = 0; i < 6; i++) await handle.press('ArrowRight');
  await expect(sentence).not.toHaveText(early!);
  // What a screen reader is told follows the hand within a few frames.
  const before = Number(await handle.getAttribute('aria-valuemin')) + 6;
  await expect(handle).toHaveAttribute('aria-valuenow', String(before));
  // Hovering waits until the handle stands still: what comes in above it moves the page.
  await expect(page.getByText('Working it out…')).toHaveCount(0);
  await handle.hover();
  const box = (await handle.boundingBox())!;
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect
    .poll(async () => Number(await handle.getAttribute('aria-valuenow')))
    .toBeGreaterThan(before + 6);

  // 5: a warmer kitchen moves the windows; Today leads with the pressure watch.
  const cool = await page.getByTestId('advice-more').textContent();
  await page.getByRole('link', { name: 'Today' }).click();
  for (let i = 0; i < 8; i++) await button(page, 'Kitchen half a degree warmer').click();
  await expect(page.getByTestId('kitchen-celsius')).toHaveText('25.0');
  await expect(page.getByTestId(/^action-/).first()).toContainText('Pressure watch');
  await page.getByRole('link', { name: 'Brews' }).click();
  await page.getByRole('link', { name: /Gooseberry/ }).click();
  await expect(page.getByTestId('advice-more')).toContainText('25.0 °C');
  expect(await page.getByTestId('advice-more').textContent()).not.toBe(cool);

  await at(6.9);
  await page.goto('/rack');
  await button(page, /bottle 1: about/).click();
  await page.getByRole('radio', { name: 'Gives' }).click();
  await button(page, 'Burped').click();
  await button(page, 'Chilled').click();
  await expect(page.getByRole('group', { name: 'Fridge' })).toBeVisible();
  await at(9.5);
  await page.reload();
  await page.getByRole('group', { name: 'Fridge' }).getByRole('button').click();
  await expect(page.getByRole('dialog').getByRole('button', { name: 'Back to the counter' })).toBeVisible();
  await button(page, 'Open it').click();
  await page.getByRole('radio', { name: 'Lively' }).click();
  await page.getByRole('textbox', { name: 'What to change next time' }).fill('<b>A little less sugar</b>');
  await sheet(page).getByRole('button', { name: 'Opened' }).click();
  await page.getByRole('radiogroup', { name: 'Sour' }).getByRole('radio', { name: 'Tart' }).click();
  await button(page, 'Note the taste').click();
  await page.reload();
  await expect(page.getByText('3 closed bottles')).toBeVisible();

  // 6: out to a file, wiped, and back; twice changes nothing.
  await page.goto('/data');
  const count = /(\d+) entries/.exec((await page.getByText(/entries in this browser/).textContent())!)![1]!;
  const download = page.waitForEvent('download');
  await button(page, 'Export the journal').click();
  const file = (await (await download).path())!;
  expect(JSON.parse(await readFile(file, 'utf8')).entries).toHaveLength(Number(count));
  await button(page, 'Forget everything').click();
  await button(page, /Yes, forget/).click();
  await expect(page.getByText('0 entries in this browser')).toBeVisible();
  await page.reload();
  await expect(page.getByText('0 entries in this browser')).toBeVisible();
  await page.getByLabel('Journal file').setInputFiles(file);
  await expect(page.getByTestId('data-said')).toContainText(`${count} new entries of ${count} taken in`);
  await page.getByLabel('Journal file').setInputFiles(file);
  await expect(page.getByTestId('data-said')).toContainText('Nothing changed');
  await page.reload();
  await expect(page.getByText(`${count} entries in this browser`)).toBeVisible();
  await page.goto('/brews');
  await page.getByRole('link', { name: /Gooseberry and dill, Bottled/ }).click();
  await page.getByRole('link', { name: 'Bottle 1, its page' }).click();
  await expect(page.getByText('Opened, lively')).toBeVisible();
  await expect(page.getByText('<b>A little less sugar</b>')).toBeVisible();
});
