import { expect, test } from '@playwright/test';
import {
  act,
  button,
  field,
  leaveOut,
  liveOn,
  put,
  putIn,
  scaleBy,
  setClock,
  sheet,
  unfold,
} from './kitchen';
import { hourMs } from '../src/core/duration.ts';

const start = Date.parse('2026-07-06T09:00:00Z');

test('second run and sediment: one jar’s fruit runs twice, a cup of it starts another, bottles in two goes', async ({
  page,
}) => {
  const at = async (hours: number) => {
    await setClock(page, start + hours * hourMs);
    await page.reload();
  };
  await setClock(page, start);

  // A jar of plums that lives on its fruit alone.
  await page.goto('/brews/new');
  await field(page, 'Name').fill('Plum, first run');
  await put(page, 'White sugar', '150 g');
  await leaveOut(page, 'Fresh ginger');
  await putIn(page, 'plum', 'Plum');
  await put(page, 'Plum', '2 1/2 cups');
  await expect(page.getByText(/^= 414 g, about 2½ cups/)).toBeVisible();
  await liveOn(page, 'Nothing: it lives on the base');
  await scaleBy(page, 'Water I have', 'Water', '1,500 ml');
  await button(page, /^Mixed/).click();
  await expect(page.getByRole('heading', { name: 'Plum, first run' })).toBeVisible();
  const jar = page.url();

  // Looked at, stirred, and a day later bottled in two goes with two doses.
  await at(30);
  await act(page, 'Stir');
  await act(page, 'Look');
  await sheet(page)
    .getByRole('radiogroup', { name: 'Foam' })
    .getByRole('radio', { name: 'Good foam' })
    .click();
  await sheet(page).getByRole('radiogroup', { name: 'Smell' }).getByRole('radio', { name: 'Yeasty' }).click();
  await sheet(page).getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Looked: good foam, smell yeasty')).toBeVisible();
  await at(48);
  await act(page, 'Pour');
  await field(page, 'Bottles').fill('2');
  await field(page, 'Size').fill('330 ml');
  await field(page, 'Headspace').fill('15 ml');
  await field(page, 'Dose, each bottle').fill('1/2 tsp');
  await sheet(page).getByRole('button', { name: 'Bottled' }).click();
  await page.getByRole('heading', { name: 'Ledger' }).scrollIntoViewIfNeeded();
  await expect(
    page.getByText(/^Bottled 2 × 330 ml, swing-top, pressure-rated, each with 2.1 g \(½ tsp\) white sugar/),
  ).toBeVisible();
  await at(50);
  await act(page, 'Pour');
  await page.getByRole('radio', { name: 'Plastic soda bottle' }).click();
  await field(page, 'Bottles').fill('1');
  await field(page, 'Dose, each bottle').fill('4 g');
  await sheet(page).getByRole('button', { name: 'Bottled' }).click();
  await expect(page.getByRole('link', { name: 'Bottle 3, its page' })).toBeVisible();

  // A cup of it begins another.
  await page.goto('/brews/new');
  await field(page, 'Name').fill('From a cup');
  await scaleBy(page, 'Litres of soda', 'Volume', '1 L');
  await put(page, 'White sugar', '80 g');
  await liveOn(page, 'A cup of Plum, first run');
  await put(page, 'Starter to draw', '1 cup');
  await unfold(page, 'Account');
  await expect(page.getByTestId('brew-preview')).toContainText('stay in Plum, first run');
  await button(page, /^Mixed/).click();
  await button(page, 'Pitch the starter').click();
  await field(page, 'Temperature of the base, °C').fill('24');
  await button(page, 'Pitched').click();
  await expect(page.getByTestId('lineage')).toContainText('Plum, first run: 237 ml');

  // The fruit runs a second time in a new jar.
  await page.goto(jar);
  await act(page, 'Pour');
  await sheet(page).getByRole('radio', { name: 'Solids: fruit, grains' }).click();
  await sheet(page).getByRole('radio', { name: 'A new jar' }).click();
  await field(page, 'Name').fill('Plum, second run');
  await field(page, 'Jar').fill('2 L');
  await sheet(page).getByRole('button', { name: 'Poured' }).click();
  await page
    .getByTestId('lineage')
    .getByRole('link', { name: /^Plum, second run/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Plum, second run' })).toBeVisible();
  await act(page, 'Add');
  await sheet(page).getByRole('textbox', { name: 'White sugar' }).fill('120 g');
  await sheet(page).getByRole('textbox', { name: 'Water' }).fill('1.2 l');
  await sheet(page).getByRole('button', { name: 'Added' }).click();
  await expect(page.getByText('Added 120 g (9½ tbsp) white sugar and 1,200 ml (5 cups) water')).toBeVisible();

  // A day later: it was less sugar.
  await at(74);
  await button(page, /^Correct: Added 120 g/).click();
  await sheet(page).getByRole('textbox', { name: 'White sugar' }).fill('100 g');
  await sheet(page).getByRole('textbox', { name: 'Note' }).fill('The packet ran out.');
  await sheet(page).getByRole('button', { name: 'Correct it' }).click();
  await expect(page.getByText('Added 100 g (7¾ tbsp) white sugar and 1,200 ml (5 cups) water')).toBeVisible();
  await expect(page.getByText(/corrected\. The packet ran out\./)).toBeVisible();

  // Where it all went is read on the first jar, also after a reload.
  await page.goto(jar);
  const lineage = page.getByTestId('lineage');
  for (const child of [
    'Plum, first run, bottle 1',
    'Plum, first run, bottle 2',
    'Plum, first run, bottle 3',
    'From a cup: 237 ml',
    'Plum, second run',
  ])
    await expect(lineage).toContainText(child);
  await lineage.getByRole('link', { name: /bottle 3/ }).click();
  await expect(page.getByTestId('lineage')).toContainText('Plum, first run');
  await expect(page.getByText(/with 4 g \(1 tsp\) white sugar/)).toBeVisible();
  await button(page, /^Why\? Pressure/).click();
  await expect(sheet(page)).toContainText('What it rests on');
  await sheet(page)
    .getByRole('link', { name: /^Good foam/ })
    .first()
    .click();
  await expect(page.getByTestId('ledger-shown')).toContainText('Looked');
});
