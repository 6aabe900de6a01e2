import { expect, test } from '@playwright/test';
import { button, detailsOf, drawDetails } from './kitchen';
import { Maker } from './maker';

test('grains are tasted when Today says: sweet is left, dry is strained, and the jar’s page says the same', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.kitchen(23);
  const jar = await maker.begin('Water kefir grains', 'Hailstones', {
    Jar: '1.2 l',
    Water: '9 dl',
    'Water kefir grains': '52 g',
    'Raw cane sugar': '56 g',
  });
  await maker.at(23);
  const card = page.getByTestId('action-feed');
  await expect(card).toContainText(/Taste Hailstones\s*(Now|At \d+:\d+|Tomorrow at \d+:\d+)/);
  await expect(card).toContainText(/Dry.*: strain and feed at once\. Else leave it\./);
  const details = await detailsOf(page, card);
  const order = /Taste Hailstones (?:now|at \d+:\d+|tomorrow \d+:\d+)/.exec(details)![0];
  expect(details).toMatch(/(Dry|Dry, a hint sweet.*): strain and feed it at once\./);
  expect(details).toMatch(/[Ss]yrupy: leave it, taste again /);
  expect(details).toMatch(/Without tasting: strain it, and feed 5\d g/);
  await page.goto(jar);
  await expect(page.getByTestId('draw-short')).toContainText(order);
  expect(await drawDetails(page)).toContain(order);
  // When it is time, one tap says how sweet it is; a day later it is strained in any case.
  await maker.at(36);
  await expect(card).toContainText(/Taste Hailstones|Strain and feed Hailstones/);
  await card.getByRole('button', { name: 'Hailstones tastes: sweet' }).click();
  await expect(page.getByText('Hailstones: sweet.')).toBeVisible();
  await expect(card).not.toContainText(/Taste Hailstones\s*Now/);
  await maker.at(60);
  await button(page, 'Strained and fed Hailstones').click();
  await page.goto('/brews');
  await expect(page.getByRole('link', { name: /^Hailstones’ kefir/ })).toBeVisible();
  // Strained and fed is one act: a row that opens, and one Undo for both.
  await page.goto(jar);
  const row = page.getByRole('group', { name: /\. Added / });
  await row.getByRole('button', { name: /^All: / }).click();
  await expect(row.getByRole('button', { name: /^Correct: / })).toHaveCount(2);
  await row.getByRole('button', { name: /^Undo: / }).click();
  await expect(row).toHaveCount(0);
  await button(page, 'Redo').click();
  await expect(row).toHaveCount(1);
  await row.getByRole('button', { name: /^Undo: / }).click();
  await page.goto('/brews');
  await expect(page.getByRole('link', { name: /^Hailstones’ kefir/ })).toHaveCount(0);
});

test('a ceiling for alcohol is kept, and glass that nobody will look at is told what comes of it', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.kitchen(22);
  await page.goto('/bottles');
  const ceiling = page.getByTestId('ceiling');
  await ceiling.getByRole('radio', { name: '1 %', exact: true }).click();
  await expect(ceiling).toContainText('before they likely pass 1 %');
  await page.reload();
  await expect(ceiling.getByRole('radio', { name: '1 %', exact: true })).toBeChecked();

  await maker.compose({
    name: 'Fennel and pear',
    without: ['Fresh ginger'],
    amounts: { 'White sugar': '160 g', 'Wine yeast, dry': '1 g' },
    water: '1.9 l',
    life: 'A packet, grains or whey',
    add: { 'wine yeast': 'Wine yeast, dry' },
  });
  await maker.mix('Fennel and pear');
  await button(page, 'Bottle it').click();
  await expect(page.getByTestId('left-line')).toBeVisible();
  await maker.own('Swing-top, pressure-rated', '500 ml', 3);
  const said = page.getByTestId('unlooked');
  await expect(said).toContainText(/^If nobody looks, (hardly any|about \d in 10|nearly all) come right; /);
  await expect(said).toContainText('with a soft bottle to squeeze');
  // A soft one among them, and it is not said any more.
  await maker.own('Plastic soda bottle', '500 ml', 1);
  await expect(said).toHaveCount(0);
});
