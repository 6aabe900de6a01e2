import { expect, test } from '@playwright/test';
import { act, beginBug, button, field, liveOn, put, setClock, sheet, drawDetails } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

const start = Date.parse('2026-07-06T09:00:00Z');
const days = (count: number) => start + count * 24 * hourMs;

test.beforeEach(async ({ page }) => {
  await setClock(page, start);
});

test('a flower starter whose spoons make 7 % against the 18 % meant is flagged and mended', async ({
  page,
}) => {
  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'Fruit or flower starter' }).click();
  await field(page, 'Name').fill('Elder');
  await field(page, 'Jar').fill('1 l');
  await field(page, 'Water').fill('2 cups');
  await field(page, 'Elderflower').fill('60 g');
  await field(page, 'White sugar').fill('33 g');
  await field(page, 'Sweetener meant, %').fill('18');
  const said = page.getByTestId('contradiction');
  await expect(said).toContainText(
    'The spoons make 7.0 %, not the 18 % that were meant: 52 g (4 tbsp) more white sugar.',
  );
  await button(page, /^Make it 85 g \(.*?\) white sugar/).click();
  await expect(field(page, 'White sugar')).toHaveValue('85 g');
  await expect(said).toHaveCount(0);
  await button(page, 'Begin').click();
  await expect(page.getByText('18.0 % sweetener', { exact: false })).toBeVisible();
});

test('dried grains: waters thrown away, the third cycle, weighed, and a split', async ({ page }) => {
  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'Water kefir grains', exact: true }).click();
  await page.getByRole('radio', { name: 'Dried grains' }).click();
  await field(page, 'Name').fill('The pearls');
  // Amounts follow the jar.
  await field(page, 'Jar').fill('1 l');
  await expect(field(page, 'Water')).toHaveValue('500 ml');
  await expect(field(page, 'Dried water kefir grains')).toHaveValue('8 g');
  await expect(field(page, 'Raw cane sugar')).toHaveValue('30 g');
  await button(page, 'Begin').click();
  await expect(page.getByTestId('grains')).toContainText(
    '8 g (1¾ tsp) went in dried: about 32 g (2¼ tbsp) once swollen',
  );
  const jar = page.url();
  await expect(page.getByTestId('beginning')).toContainText('Small, hard grains', { ignoreCase: true });
  // Two waters are thrown away; the third is a drink.
  for (const day of [2, 4]) {
    await setClock(page, days(day));
    await page.goto(jar);
    await expect(page.getByTestId('draw-card')).toContainText('Strain and throw away');
    await button(page, /^Strained \d+ ml thrown away and fed the usual/).click();
  }
  await page.goto('/brews');
  await expect(page.getByText(/The pearls’ kefir/)).toHaveCount(0);
  const weigh = async (grams: string) => {
    await act(page, 'Measure');
    await sheet(page).getByRole('radio', { name: 'Grains' }).click();
    await sheet(page).getByRole('textbox').first().fill(grams);
    await sheet(page)
      .getByRole('button', { name: /Note|Measured|Write/ })
      .last()
      .click();
  };
  await page.goto(jar);
  await weigh('34');
  await expect(page.getByTestId('grains')).toContainText('34 g (2½ tbsp) of grains');
  for (const day of [6, 8]) {
    await setClock(page, days(day));
    await page.goto(jar);
    await button(page, /^Strained \d+ ml off and fed the usual/).click();
    await expect(
      page.getByText('The pearls is strained.').or(page.getByText('Fed The pearls.')).first(),
    ).toBeVisible();
  }
  await weigh('64');
  await expect(page.getByTestId('grains')).toContainText('They grow by about 37 % a cycle');
  await expect(page.getByTestId('split')).toContainText('of them off. Start a second jar');
  await page.goto('/brews');
  await expect(page.getByText(/The pearls’ kefir/)).toHaveCount(2);
  await page.goto(jar);
  // Some dried, the rest into a second jar; both are kept account of.
  const grains = page.getByRole('group', { name: 'Grains' });
  await grains.getByRole('button', { name: 'Dried', exact: true }).click();
  await expect(page.getByTestId('surplus')).toContainText(/\d+ g dried/);
  await page.getByRole('button', { name: 'Second jar' }).click();
  await expect(page.getByTestId('surplus')).toContainText('into other jars');
  await expect(page.getByTestId('split')).toHaveCount(0);
  await page.goto('/starters');
  await expect(page.getByText('The pearls, second jar')).toBeVisible();
});

test('a packet of yeast: its date, its dose, a trial in warm water, and a batch pitched by weight', async ({
  page,
}) => {
  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'Packaged yeast' }).click();
  await field(page, 'Name').fill('Sparkler');
  await page.getByLabel('Best before').last().fill('2026-11-14');
  await expect(page.getByText(/Packed about 20 months ago/)).toBeVisible();
  await button(page, 'Begin').click();
  await expect(page.getByTestId('packet-alive')).toContainText(/About 5\d % alive/);
  const dose = page.getByTestId('packet-dose');
  await field(page, 'For a batch of').fill('4 L');
  await expect(dose).toContainText('Take 4 g (1¼ tsp) wine yeast, dry');
  await field(page, 'For a batch of').fill('40 L');
  await expect(dose).toContainText('Too old or too little');
  await expect(page.getByTestId('packet-waking')).toContainText('never above 35');
  await page.getByRole('radio', { name: 'Nothing' }).click();
  await expect(page.getByTestId('packet-alive')).toContainText(/About [67] % alive/);
  await page.getByRole('radio', { name: 'It foams' }).click();
  await expect(page.getByTestId('packet-alive')).toContainText('About 65 % alive');
  await page.goto('/brews/new');
  await field(page, 'Name').fill('Pale ginger');
  await put(page, 'White sugar', '150 g');
  await liveOn(page, 'Sparkler');
  await put(page, 'Yeast', '9 g');
  await expect(page.getByTestId('error-dose')).toContainText('There are 5 g left in Sparkler.');
  await put(page, 'Yeast', '1 g');
  await button(page, /^Mixed/).click();
  await button(page, 'Pitch the starter').click();
  await field(page, 'Temperature of the base, °C').fill('24');
  await expect(field(page, 'From the packet')).toHaveValue('1 g');
  await button(page, 'Pitched').click();
  await expect(page.getByText('Brews / first ferment', { exact: false })).toBeVisible();
  await page.goto('/starters');
  await expect(page.getByText('4 g', { exact: true })).toBeVisible();
});

test('whey by its age, a cup of a batch, and peel that runs twice', async ({ page }) => {
  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'Whey', exact: true }).click();
  await page.getByRole('radio', { name: 'Strained from yoghurt' }).click();
  await expect(page.getByText('It comes from milk: not for those with a milk allergy').first()).toBeVisible();
  await field(page, 'Name').fill('Green drops');
  await field(page, 'Where it comes from').fill('our own yoghurt');
  await button(page, 'Begin').click();
  await expect(page.getByText('From our own yoghurt').or(page.getByText('Begun with')).first()).toBeVisible();
  const whey = page.url();
  await setClock(page, days(5));
  await page.goto(whey);
  await expect(page.getByTestId('draw-card')).toContainText(/Draw up to \d+ ml/);
  expect(await drawDetails(page)).toContain('more than half of it is alive until then');
  await expect(page.getByText('made 5 days ago', { exact: false }).first()).toBeVisible();

  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'The last batch' }).click();
  await expect(page.getByText('Nothing ferments now', { exact: false })).toBeVisible();
  await page.getByRole('radio', { name: 'Tepache, from peel' }).click();
  await field(page, 'Name').fill('Rind');
  await field(page, 'Jar').fill('2 l');
  await expect(field(page, 'Water')).toHaveValue('1,200 ml');
  await button(page, 'Begin').click();
  await expect(page.getByTestId('beginning')).toContainText('stir two or three times a day', {
    ignoreCase: true,
  });
  const peel = page.url();
  await setClock(page, days(8.5));
  await page.goto(peel);
  await page.getByRole('button', { name: /^Second run/ }).click();
  await expect(page.getByRole('heading', { name: 'Rind, second run' })).toBeVisible();
  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'The last batch' }).click();
  await page.getByRole('radio', { name: 'Rind', exact: true }).click();
  await button(page, 'Keep it').click();
  await expect(page.getByRole('heading', { name: 'A cup of Rind' })).toBeVisible();
});

test('a beginning is guided by day, moved by what is seen, and given up when nothing lives', async ({
  page,
}) => {
  await beginBug(page, 'Ada');
  const jar = page.url();
  const run = page.getByTestId('beginning');
  await expect(run).toContainText('Its first days: day 1');
  await setClock(page, days(2.5));
  await page.goto(jar);
  await expect(run).toContainText('Its first days: day 3');
  await expect(run).toContainText('Not so? Stand it warmer');
  await expect(run).toContainText('Nothing by');
  await page.getByRole('radio', { name: 'Good foam' }).click();
  await expect(run).toContainText('Its first days: day 4');
  await expect(run).toContainText('22:00, seen');
  await expect(run).not.toContainText('Nothing by');
  // Another one, in which nothing ever moved.
  await setClock(page, start);
  await beginBug(page, 'Bea');
  const other = page.url();
  await setClock(page, days(12));
  await page.goto(other);
  await expect(page.getByTestId('given-up')).toContainText('begin again with other ingredients');
});
