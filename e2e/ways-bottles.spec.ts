import { expect, test } from '@playwright/test';
import { button, chipIn, field, sheet, unfold } from './kitchen';
import { Maker } from './maker';

test('a ratio scaled to twelve crown-capped bottles, packaged yeast, steeped overnight', async ({ page }) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.compose({
    name: 'Hyssop and lemon',
    without: ['Fresh ginger'],
    add: { 'anise hyssop': 'Anise hyssop', 'wine yeast': 'Wine yeast, dry' },
    amounts: { 'White sugar': '140 g', 'Anise hyssop': '18 g', 'Wine yeast, dry': '1 g' },
    life: 'A packet, grains or whey',
  });
  await unfold(page, 'Water and jar');
  await maker.radio('Bottles', page.getByRole('main')).click();
  await field(page, 'Bottles').fill('12');
  await field(page, 'Size of each').fill('330 ml');
  await button(page, 'Scale it').click();
  // Twelve bottles hold 12 × 315 ml = 3.8 L by the usual headspace; what is strained off comes on top.
  const inJar = await button(page, /^In the jar: /).getAttribute('aria-label');
  const litres = Number(/([\d.]+) L/.exec(inJar!)![1]);
  expect(litres).toBeGreaterThan(3.8);
  expect(litres).toBeLessThan(4.2);
  // 140 g in 2 L: 70 g/L, whatever the size.
  expect(await maker.boardSugar()).toBeGreaterThanOrEqual(69);
  expect(await maker.boardSugar()).toBeLessThanOrEqual(71);
  const brew = await maker.mix('Hyssop and lemon');
  await maker.at(40, brew);
  await button(page, 'Bottle it').click();
  await maker.own('Crown-cap beer bottle', '330 ml', 12);
  await expect(page.getByTestId('fill-line')).toContainText('into 12 bottles');
  await button(page, 'Bottled').click();
  await maker.at(90, '/rack');
  await expect(page.getByText('12 closed bottles', { exact: false })).toBeVisible();
});

test('tea with juice concentrate, herbs in the cold; a dose tried in a sample; three variants', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.kitchen(24);
  await maker.begin('Tea mother', 'Old Brown', { Jar: '2 l', Water: '1 l', 'White sugar': '65 g' });
  await maker.at(12 * 24);
  await maker.compose({
    name: 'Assam and quince',
    litres: '1.5 L',
    without: ['Fresh ginger'],
    add: { 'black tea': 'Black tea, leaf', 'quince juice concentrate': 'Quince juice concentrate' },
    amounts: { 'White sugar': '70 g', 'Black tea, leaf': '8 g', 'Quince juice concentrate': '60 ml' },
    life: 'Old Brown',
    dose: ['Starter to draw', '200 ml'],
  });
  const brew = await maker.mix('Assam and quince');
  await maker.pitch('Cool to the touch');
  await maker.at(18 * 24, brew);
  // Herbs in the cold for days, before it is bottled.
  await maker.act('Move');
  await maker.radio(/^Fridge/, sheet(page)).click();
  await sheet(page).getByRole('button', { name: 'Done' }).click();
  const { save } = await maker.add({ Thyme: '4 g' });
  await save();
  await maker.at(21 * 24, brew);
  await button(page, 'Bottle it').click();
  await maker.own('Swing-top, pressure-rated', '330 ml', 3);
  await chipIn(page, 'Into each bottle', 'Honey');
  await button(page, 'Try a dose in a small sample').click();
  // The sample begins with what the bottles get: 8 g a litre are 0.8 g in 100 ml.
  await expect(field(page, 'Dosed with')).toHaveValue('0.8 g');
  await field(page, 'Dosed with').fill('1.1 g');
  await expect(page.getByTestId('sample-words')).toContainText(/3\.[45] g .*honey/);
  await button(page, 'Dose the bottles so').click();
  await expect(page.getByTestId('dose-words')).toContainText('11 g a litre');
  await button(page, /^Bottle 2, 330 ml/).click();
  const hand = page.getByTestId('bottle-hand');
  await maker.radio('Its own', hand).click();
  await hand.getByRole('checkbox', { name: 'Nothing' }).click();
  await button(page, /^Bottle 3, 330 ml/).click();
  await maker.radio('Its own', hand).click();
  await hand.getByRole('checkbox', { name: 'Pear juice' }).click();
  await button(page, 'Bottled').click();
  await page.goto(brew);
  // Each is told apart by what is in it.
  await expect(page.getByTestId('lineage')).toContainText('nothing added');
});

test('raw and boiled ginger to dryness under an airlock: OG and FG win, primed by the bottle, sediment again', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.kitchen(22);
  await maker.compose({
    name: 'Twice ginger',
    litres: '2 L',
    amounts: { 'White sugar': '210 g' },
    add: { 'wine yeast': 'Wine yeast, dry', 'fresh ginger': 'Fresh ginger' },
    life: 'A packet, grains or whey',
  });
  // One thing twice: 60 g with the heat, 20 g raw.
  await expect(button(page, /^Fresh ginger: /)).toHaveCount(2);
  const brew = await maker.mix('Twice ginger');
  await maker.measure('Specific gravity', 'Specific gravity', '1.041');
  await maker.at(9 * 24, brew);
  await maker.act('Measure');
  await maker.radio('Specific gravity', sheet(page)).click();
  await expect(sheet(page)).toContainText('It began at 1.041, as you read it');
  await sheet(page).getByRole('textbox', { name: 'Specific gravity' }).fill('1.002');
  // 39 points: 5.2 % by mass balance, 5.1 and 5.2 by the rules of thumb.
  await expect(sheet(page)).toContainText(/About 5\.[123] % alcohol/);
  const said = /About (5\.\d) %/.exec(await sheet(page).innerText())![1]!;
  await sheet(page).getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByTestId('alcohol')).toContainText(
    `${said} % alcohol by your hydrometer. It fell from SG 1.041 to 1.002`,
  );
  await button(page, 'Bottle it').click();
  await maker.own('Sparkling-wine bottle', '750 ml', 2);
  await chipIn(page, 'Into each bottle', 'Sugar');
  await field(page, 'White sugar in this bottle').fill('6 g');
  await button(page, 'Bottled').click();
  await page.goto(brew);
  await expect(page.getByText(/^Bottled 2 × 750 ml, sparkling-wine.* each with 6 g/).first()).toBeVisible();

  // Its sediment brings the next one to life.
  await page.goto('/starters/new');
  await maker.radio('The last batch').click();
  await maker.radio('Its sediment').click();
  await field(page, 'Name').fill('Grey cream');
  await field(page, 'How much').fill('60 ml');
  await button(page, 'Keep it').click();
  await expect(page.getByRole('heading', { name: 'Grey cream', exact: true })).toBeVisible();
  await maker.compose({
    name: 'Ginger again',
    litres: '1.5 L',
    amounts: { 'White sugar': '90 g' },
    life: 'Grey cream',
    dose: ['Starter to draw', '45 ml'],
  });
  // 90 g in a litre and a half.
  expect(await maker.boardSugar()).toBeGreaterThanOrEqual(60);
  expect(await maker.boardSugar()).toBeLessThanOrEqual(61);
  await maker.mix('Ginger again');
  await maker.pitch('Cool to the touch');
  await expect(page.getByTestId('lineage')).toContainText('Grey cream: 45 ml');
});

test('dry yeast in one soft bottle, filled straight after mixing, squeezed and burped', async ({ page }) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.compose({
    name: 'Lime and bay, quick',
    litres: '1 L',
    without: ['Fresh ginger'],
    add: { 'ale yeast': 'Ale yeast, dry', lime: 'Lime juice' },
    amounts: { 'White sugar': '68 g', 'Ale yeast, dry': '0.15 g', 'Lime juice': '30 ml' },
    life: 'A packet, grains or whey',
  });
  const brew = await maker.mix('Lime and bay, quick');
  // No first ferment: it is bottled in the same minute.
  await button(page, 'Bottle it').click();
  await maker.own('Plastic soda bottle', '1 l', 1);
  await expect(page.getByTestId('left-line')).toContainText(/left about 6[6-9] g\/L/);
  // A gram a litre gives a quarter of a volume: some 17 of them, and at 21 °C about 1.2 bar a volume and more.
  await expect(page.getByText(/some 2\d bar \(1[67] vol\)/)).toBeVisible();
  await button(page, 'Bottled').click();
  // By bed time the soft bottle tells.
  await maker.at(5, '/rack');
  await expect(button(page, /Lime and bay, quick, bottle 1: about .* of what it bears/)).toBeVisible();
  await button(page, /Lime and bay, quick, bottle 1:/).click();
  await sheet(page)
    .getByRole('radiogroup', { name: 'Squeeze' })
    .getByRole('radio', { name: 'Gives' })
    .click();
  await sheet(page).getByRole('button', { name: 'Burped' }).click();
  await page.goto(brew);
  await expect(page.getByText('first ferment', { exact: false })).toHaveCount(0);
});
