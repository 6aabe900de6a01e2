import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import {
  act,
  beginBug,
  button,
  field,
  forecastReady,
  liveOn,
  put,
  putIn,
  setClock,
  sheet,
  unfold,
} from './kitchen';
import { hourMs, minuteMs } from '../src/core/duration.ts';

const start = Date.parse('2026-08-20T08:00:00Z');

test('a plum soda by 1.3 kg of fruit: steps with the clock moved, closed and reopened mid-timer, pitched', async ({
  page,
  context,
}) => {
  await setClock(page, start - 6 * 24 * hourMs);
  await beginBug(page, 'Ada');
  await setClock(page, start);

  // From the recipes to the worktop, sized by the fruit there is.
  await page.goto('/brews/recipes');
  await field(page, 'Find').fill('plum');
  await page.getByRole('link', { name: 'Plum and fig leaf soda' }).click();
  await expect(page.getByText('433 g', { exact: false }).first()).toBeVisible();
  await button(page, 'Lay it out on the worktop').click();
  await unfold(page, 'Water and jar');
  await page.getByRole('radio', { name: 'What I have', exact: true }).click();
  await page.getByRole('radiogroup', { name: 'Which' }).getByRole('radio', { name: 'Plum' }).click();
  await field(page, 'How much of it').fill('1.3 kg');
  await button(page, 'Scale it').click();
  await expect(button(page, 'In the jar: 3 L')).toBeVisible();
  await expect(button(page, /^Flavour: 1,300 g plum/)).toBeVisible();
  await expect(button(page, /^Starter: 225 ml of Ada/)).toBeVisible();
  await expect(page.getByTestId('board-sugar')).toContainText('76');
  await expect(page.getByTestId('compose-words')).toContainText(/^Taste .* g\/L sweet/);
  await unfold(page, 'Account');
  await expect(page.getByTestId('yield')).toContainText(/About 2\.7\d L to bottle/);
  await expect(page.getByTestId('brew-cautions')).toContainText('unsprayed');

  // Twice the fruit is more than the starter on hand can begin: what it is enough for, and when the rest could start.
  await field(page, 'How much of it').fill('2.6 kg');
  await button(page, 'Scale it').click();
  await expect(page.getByTestId('short-of-starter')).toContainText(
    /Ada gives \d+ ml .*; 450 ml .* are wanted/,
  );
  await expect(page.getByTestId('short-of-starter')).toContainText(
    /The other .* can start (tomorrow|\w{3}) \d+:\d\d/,
  );
  await field(page, 'How much of it').fill('1.3 kg');
  await button(page, 'Scale it').click();

  // Counter mode. The water stands for a day; meanwhile the page is closed and opened again.
  await button(page, 'Brew it, step by step').click();
  await expect(page.getByRole('heading', { name: 'Let the water stand' })).toBeVisible();
  await button(page, /^Start the clock: .*24 h/).click();
  await expect(page.getByTestId('step-timer')).toContainText(/^(24:00:00|23:59:)/);
  const url = page.url();
  await page.close();
  const again = await context.newPage();
  await setClock(again, start + 6 * hourMs);
  await again.goto(url);
  await expect(again.getByTestId('step-timer')).toContainText(/^(18:00:00|17:59:)/);
  // A clock shows on every other page, and has run down when its time is over.
  await again.goto('/');
  await expect(again.getByRole('group', { name: 'Clocks that run' })).toContainText(
    'Let the water stand, Plum',
  );
  await setClock(again, start + 24 * hourMs + minuteMs);
  await expect(again.getByRole('group', { name: 'Clocks that run' })).toContainText('Time');
  await again.goto(url);
  await expect(again.getByTestId('step-timer')).toContainText('Time');
  await button(again, /^Done/).click();
  await button(again, 'Skip: Clean what it touches').click();
  await expect(again.getByRole('heading', { name: 'Weigh and cut' })).toBeVisible();
  // Back shows what was done and what was left out.
  await button(again, 'Back').click();
  await expect(again.getByTestId('step-standing')).toHaveText('Skipped.');
  await button(again, 'Next').click();
  await button(again, /^Done/).click();
  await expect(again.getByRole('heading', { name: 'Put it together' })).toBeVisible();
  await button(again, /^Done/).click();
  await expect(again.getByText('18 ml (1¼ tbsp) lemon juice', { exact: false })).toBeVisible();
  await button(again, /^Done/).click();
  await field(again, 'SG or °Brix').fill('9');
  await button(again, /^Done/).click();
  await expect(again.getByRole('heading', { name: /^Draw 225 ml/ })).toBeVisible();
  await button(again, /^Done/).click();
  await field(again, 'Temperature of the base, °C').fill('41');
  await button(again, /^Done/).click();
  await expect(again.getByTestId('error-celsius')).toContainText('41 °C kills a starter');
  await field(again, 'Temperature of the base, °C').fill('32');
  await expect(again.getByText('32 °C stresses a starter')).toBeVisible();
  await field(again, 'Temperature of the base, °C').fill('22');
  await button(again, /^Done/).click();
  await expect(again.getByRole('heading', { name: 'Cover it' })).toBeVisible();
  await button(again, /^Done/).click();
  await button(again, /^Done/).click();
  await expect(again.getByRole('heading', { name: 'Feed Ada' })).toBeVisible();
  await button(again, /^Done/).click();
  await expect(again.getByRole('heading', { name: 'That is the brew day done' })).toBeVisible();
  await button(again, 'To its page').click();

  // Its page: the ferment’s days, whose stop is when, how strong it gets; the day is in the ledger.
  await forecastReady(again);
  await expect(again.getByTestId('tending')).toContainText('Stir it once a day and push what floats under');
  await button(again, 'Stirred Plum and fig leaf soda').click();
  await expect(again.getByTestId('tending')).toContainText('Today one so far');
  await button(again, 'Add somebody').click();
  await again.getByTestId('stop-points').getByRole('textbox', { name: 'Who' }).fill('Ida');
  await again.getByTestId('stop-points').getByRole('radio', { name: 'Nearly dry' }).click();
  await again.getByTestId('stop-points').getByRole('button', { name: 'Add', exact: true }).click();
  await expect(again.getByTestId('stop-points')).toContainText(/Ida: (about|not within)/);
  await expect(again.getByTestId('alcohol')).toContainText(/Stopped as planned: \d\.\d–\d\.\d %\. Left for/);
  await expect(again.getByText('Brew day: clean, skipped')).toBeVisible();
  await expect(again.getByText('Refractometer 9.0 °Brix').first()).toBeVisible();
  await expect(again.getByTestId('lineage')).toContainText('Ada: 225 ml');
});

test('sugar is swapped for honey at equal sugar: the account stays, the price follows', async ({ page }) => {
  await setClock(page, start);
  await page.goto('/brews/new?recipe=quince-bay-ginger-beer');
  const sugar = page.getByTestId('board-sugar');
  await expect(sugar).toContainText('80');
  await put(page, 'White sugar', '216 g');
  await page.getByRole('button', { name: 'Swap, ripeness, price…' }).click();
  await field(page, 'Price of a kilogram').fill('1.50');
  await field(page, 'Price of a kilogram').blur();
  await unfold(page, 'Account');
  await expect(page.getByTestId('cost')).toContainText(/^0\.11 a litre \(without/);
  const swap = page.getByTestId('swap');
  await swap.getByRole('radio', { name: 'Honey' }).click();
  await swap.getByRole('radio', { name: 'Equal sweetness' }).click();
  await expect(swap.getByRole('button', { name: /^Swap for 20[67].* ml .* honey/ })).toBeVisible();
  await swap.getByRole('radio', { name: 'Equal sugar' }).click();
  await swap.getByRole('button', { name: /^Swap for 191 ml .* honey/ }).click();
  await expect(button(page, 'Honey: 191 ml')).toBeVisible();
  await expect(sugar).toContainText('80');
  await expect(page.getByTestId('brew-cautions')).toContainText('not for children under one year');

  // An amount turned by keys while the proportions are held: everything follows, and says so.
  await unfold(page, 'Flavour');
  await button(page, /^Quince: /).click();
  await page.getByRole('radio', { name: 'Proportions' }).last().click();
  const ruler = page.getByRole('slider', { name: 'Turn Quince' });
  const before = Number(await ruler.getAttribute('aria-valuenow'));
  await ruler.press('ArrowRight');
  await expect(ruler).toHaveAttribute('aria-valuenow', String(before + 5));
  await expect(page.getByText('followed').first()).toBeVisible();
  // Kept as the next version, it says what changed.
  await field(page, 'Name').fill('Quince and bay ginger beer');
  await button(page, 'Keep as version 2').click();
  await page.goto('/brews/recipe?id=quince-bay-ginger-beer');
  await expect(page.getByTestId('versions')).toContainText('Honey, new:');
  await expect(page.getByTestId('versions')).toContainText('White sugar left out');
  await page.getByRole('radio', { name: 'A keeper' }).click();
  await expect(page.getByText('5 of 5').first()).toBeVisible();
});

test('a recipe file with a unit we do not know is asked about, kept, saved and read back the same', async ({
  page,
}) => {
  await setClock(page, start);
  await page.goto('/brews/recipes');
  await button(page, 'Bring a recipe in').click();
  const foreign = {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: '<i>Apricot</i> and sage',
    recipeYield: '2 L',
    recipeIngredient: [
      '1.6 l water',
      '140 g sugar',
      '1 firkin apricots',
      '2 punnets raspberries',
      '160 ml ginger bug',
    ],
  };
  const take = (name: string, text: string) =>
    page
      .getByLabel('Recipe file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  await take('broken.json', '{"@type": "Recipe"');
  await expect(page.getByText('No recipe in it', { exact: false })).toBeVisible();
  await take('apricot.json', JSON.stringify(foreign));
  const kept = page.getByRole('button', { name: 'Keep the recipe' });
  await expect(page.getByText('140 g (11 tbsp) white sugar')).toBeVisible();
  await expect(kept).toBeDisabled();
  await field(page, '“1 firkin apricots”').fill('400 g apricots');
  await expect(kept).toBeDisabled();
  await field(page, '“2 punnets raspberries”').fill('leave out');
  await kept.click();
  await expect(page.getByRole('heading', { name: '<i>Apricot</i> and sage' })).toBeVisible();
  await expect(page.getByText(/apricot: with the heat/)).toBeVisible();
  const download = page.waitForEvent('download');
  await button(page, 'Save as a file').click();
  const path = (await (await download).path())!;
  const text = await readFile(path, 'utf8');
  const saved = JSON.parse(text);
  expect(saved).toMatchObject({ '@type': 'Recipe', name: '<i>Apricot</i> and sage', recipeYield: '3 L' });
  expect(saved.recipeIngredient.join('; ')).toMatch(/ g apricot; .* ml ginger bug$/);
  await page.goto('/brews/recipes');
  await button(page, 'Bring a recipe in').click();
  await take('again.json', text);
  await expect(page.getByTestId('same-recipe')).toContainText('here already, the same in every amount');
  // Taken out, it comes back from its file as it was.
  await page.getByRole('link', { name: '<i>Apricot</i> and sage' }).click();
  const amounts = await page.getByRole('group', { name: 'A litre of it' }).textContent();
  await button(page, 'Take this version out of the recipes').click();
  await button(page, 'Bring a recipe in').click();
  await take('again.json', text);
  await kept.click();
  await expect(page.getByRole('group', { name: 'A litre of it' })).toHaveText(amounts!);
});

test('a simmered brew on a packet: two clocks at once, the pot’s corrected by a thermometer, then an infusion', async ({
  page,
}) => {
  await setClock(page, start);
  await page.goto('/brews/new?recipe=pear-juice-last-batch');
  await liveOn(page, 'A packet, grains or whey');
  await expect(page.getByTestId('brew-refusal')).toContainText('none lives here yet');
  await putIn(page, 'wine yeast', 'Wine yeast, dry');
  await put(page, 'Wine yeast, dry', '1 g');
  await unfold(page, 'Steps');
  await button(page, 'Put it together').click();
  await page.getByRole('radiogroup', { name: 'The base' }).getByRole('radio', { name: 'Simmered' }).click();
  await field(page, 'Simmers, minutes').fill('10');
  await field(page, 'Steeps, hours').fill('0');
  await button(page, 'Brew it, step by step').click();
  await expect(page.getByRole('heading', { name: 'Boil the water' })).toBeVisible();
  await button(page, /^Start the clock/).click();
  await button(page, 'Skip: Boil the water').click();
  await button(page, /^Done/).click();
  await expect(page.getByRole('heading', { name: 'Simmer the base' })).toBeVisible();
  await button(page, /^Done/).click();
  await expect(page.getByRole('heading', { name: 'Cool it below 30 °C' })).toBeVisible();
  await button(page, /^Start the clock/).click();
  const clock = page.getByTestId('step-timer');
  await expect(clock).toContainText(/^[34]:\d\d:\d\d/);
  await setClock(page, start + 30 * minuteMs);
  await field(page, 'The pot now, °C').fill('120');
  await button(page, 'Correct it').click();
  await expect(page.getByTestId('error-pot')).toContainText('A reading lies between');
  // 60 °C after half an hour: τ = 0.5 / ln(74/39) = 0.781 h, so 0.781 · ln(74/9) = 1.645 h in all, 1:08:43 from now.
  await field(page, 'The pot now, °C').fill('60');
  await button(page, 'Correct it').click();
  await expect(clock).toContainText(/^1:08:[345]\d/);
  await setClock(page, start + 2 * hourMs);
  await button(page, /^Done/).click();
  await button(page, /^Done/).click();
  for (const name of [/Measure it/, /Wake the yeast/]) {
    await expect(page.getByRole('heading', { name })).toBeVisible();
    await button(page, /^Done/).click();
  }
  await field(page, 'Temperature of the base, °C').fill('24');
  await button(page, /^Done/).click();
  await button(page, /^Done/).click();
  await button(page, /^Done/).click();
  await button(page, 'To its page').click();
  await forecastReady(page);

  // The infusion is a stage of its own, in the fridge, with tastes and an end.
  await setClock(page, start + 30 * hourMs);
  await page.reload();
  const infusion = page.getByTestId('infusion');
  await expect(infusion).toContainText(/4.2 g .* sage in the fridge for 12–36 hours/);
  await button(page, 'Begin the infusion').click();
  await expect(infusion).toContainText('Steeping:');
  await expect(page.getByText('To the fridge').first()).toBeVisible();
  await setClock(page, start + 44 * hourMs);
  await page.reload();
  await expect(infusion).toContainText('Taste it now');
  await button(page, 'Tasted: not yet').click();
  await setClock(page, start + 70 * hourMs);
  await page.reload();
  await expect(infusion).toContainText('Take it out now');
  await button(page, 'Enough: strain it out').click();
  await expect(infusion).toHaveCount(0);
  await expect(page.getByText('Infusion tasted: not yet.')).toBeVisible();
  await act(page, 'Taste');
  await expect(sheet(page)).toContainText('Taste Pear juice');
});

test('the worktop answers every turn: warmth, a pot that is too small, juice instead, a percent that contradicts', async ({
  page,
}) => {
  await setClock(page, start);
  await page.goto('/brews/new?recipe=galangal-pepper-ale');
  const words = page.getByTestId('compose-words');
  await expect(words).toContainText(/^Taste /);
  await unfold(page, 'Starter');
  const cool = await words.textContent();
  await button(page, /^Warmth: 21.0/).click();
  const warmth = page.getByRole('slider', { name: 'Turn the warmth' });
  for (let i = 0; i < 12; i++) await warmth.press('ArrowRight');
  await expect(button(page, 'Warmth: 27.0 °C')).toContainText('supposed: it is 21.0 now');
  await expect(words).not.toHaveText(cool!);
  // Dragged by a finger, an amount turns too.
  await unfold(page, 'Sweet');
  await expect(button(page, /^Brown sugar: 234 g/)).toBeVisible();
  const ruler = page.getByRole('slider', { name: 'Turn Brown sugar' });
  await ruler.scrollIntoViewIfNeeded();
  const box = (await ruler.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 44, box.y + 40, { steps: 5 });
  await page.mouse.up();
  await expect(button(page, /^Brown sugar: 255 g/)).toBeVisible();

  await unfold(page, 'Water and jar');
  await button(page, /^In the jar: 3 L/).click();
  await field(page, 'My pot').fill('3 L');
  await expect(page.getByTestId('pot-small')).toContainText(
    /A 3 L pot boils over: take one of [34](\.\d+)? L\. What works: boil it strong/,
  );
  await expect(page.getByTestId('pot-small')).toContainText('cook it in 2 rounds');
  await field(page, 'My jar').fill('2 L');
  await expect(page.getByTestId('jar-small')).toContainText('for the foam');

  await button(page, 'Juice instead').click();
  await field(page, 'Juice to put in').fill('4 L');
  await expect(page.getByText('That is more juice than the whole batch.')).toBeVisible();
  await field(page, 'Juice to put in').fill('500 ml');
  await field(page, 'Its sugar, g/100 ml').fill('11');
  await button(page, 'Take juice instead').click();
  // 55 g of sugar from the juice: 255 − 55 / 0.969 g of brown sugar stay.
  await expect(button(page, /^Brown sugar: 198.2 g/)).toContainText('followed');
  await unfold(page, 'Flavour');
  await button(page, /^Apple juice: 500 ml/).click();
  await button(page, 'Swap, ripeness, price…').last().click();
  await page.getByRole('radio', { name: 'Names a preservative' }).click();
  await expect(page.getByTestId('warning-preserved')).toContainText('Apple juice names a preservative');
  await unfold(page, 'Account');
  await field(page, 'Sweetener meant, %').fill('14');
  await expect(page.getByTestId('warning-percent')).toContainText(
    /You meant 14 %, the spoons make 8.7 % of the water: 122 g more brown sugar/,
  );
});
