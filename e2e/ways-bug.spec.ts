import { expect, test } from '@playwright/test';
import { button, chipIn, field, sheet, unfold } from './kitchen';
import { Maker } from './maker';

/** A bug of 500 ml, fed 14 g and 14 g a day until it foams on the fifth. */
async function livelyBug(maker: Maker, name: string): Promise<string> {
  const { page } = maker;
  await maker.at(0);
  await maker.kitchen(22);
  const jar = await maker.begin('Ginger bug', name, {
    Jar: '1 l',
    Water: '500 ml',
    'Fresh ginger': '25 g',
    'White sugar': '24 g',
  });
  await maker.at(24, jar);
  const { save } = await maker.add({ 'Fresh ginger': '14 g', 'White sugar': '14 g' }, 'Fed');
  await save();
  for (const day of [2, 3, 4]) {
    await maker.at(24 * day, jar);
    // What was typed once is the usual feed from then on.
    await button(page, /^Fed the usual 14 g .* fresh ginger and 14 g .* white sugar/).click();
  }
  await maker.radio('Good foam').click();
  return jar;
}

test('a bug fed alike every day until it foams; a litre from it; its rest and its waking', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  const first = await maker.begin('Ginger bug', 'Newborn', { Jar: '500 ml', Water: '300 ml' });
  // A minute old it gives nothing, and says when; every page the same.
  await expect(page.getByTestId('not-yet')).toContainText(/About \w+day \w+ it should be ready/);
  await page.goto('/starters');
  await expect(page.getByText('in its first days', { exact: false })).toBeVisible();
  await page.goto(first);
  await expect(page.getByText('Draw up to')).toHaveCount(0);

  const jar = await livelyBug(maker, 'Bramble');
  await maker.at(98, jar);
  await expect(page.getByTestId('draw-card')).toContainText(/Draw up to \d+ ml/);
  // A litre: 72 g of sugar and the dose's own in what is then a litre.
  await maker.compose({
    name: 'Bay and pear skin',
    litres: '1 L',
    add: { bay: 'Bay leaf' },
    amounts: { 'White sugar': '72 g', 'Fresh ginger': '28 g', 'Bay leaf': '1 g' },
    life: 'Bramble',
    dose: ['Starter to draw', '85 g'],
  });
  // 85 g of a bug weigh about 84 ml; with what it has left of its feeds the jar holds 72–78 g/L.
  expect(await maker.boardSugar()).toBeGreaterThanOrEqual(72);
  expect(await maker.boardSugar()).toBeLessThanOrEqual(78);
  const board = await maker.boardSugar();
  await maker.mix('Bay and pear skin');
  await maker.pitch('Cool to the touch');
  await expect(page.getByTestId('lineage')).toContainText(/Bramble: 8[345] ml/);
  await expect(page.getByRole('group', { name: 'Sugar account' })).toContainText(`${board}g/L in the jar`);
  await expect(page.getByText(new RegExp(`Driven by 22.0 °C, ${board} g/L of sugar`))).toBeVisible();
  await page.goto('/brews');
  await expect(page.getByText(`${board} g/L at the start`, { exact: false })).toBeVisible();

  // Rest, and a week and a half later awake and fed.
  await page.goto(jar);
  await button(page, 'Put it to rest in the fridge').click();
  await maker.at(98 + 10 * 24, jar);
  await expect(page.getByTestId('draw-card')).toContainText('Asleep: wake it before drawing');
  await button(page, 'Wake it on the counter').click();
  await button(page, /^Fed the usual 14 g/).click();
  await expect(page.getByTestId('draw-card')).not.toContainText('Asleep');
});

test('purée soda in two jars, the second pitched a day later; days slip; one bottle warm, three side by side', async ({
  page,
}) => {
  const maker = new Maker(page);
  const jar = await livelyBug(maker, 'Thistle');
  await maker.at(100);
  const brew = async (name: string) => {
    await maker.compose({
      name,
      litres: '1.5 L',
      without: ['Fresh ginger'],
      add: { 'apricot puree': 'Apricot purée' },
      amounts: { 'White sugar': '80 g', 'Apricot purée': '210 g' },
      life: 'Thistle',
      dose: ['Starter to draw', '140 ml'],
    });
  };
  await brew('Apricot one');
  await maker.mix('Apricot one');
  await maker.pitch('Mixed cold: as the room');
  await page.goto(jar);
  const { save } = await maker.add({ 'Fresh ginger': '14 g', 'White sugar': '14 g', Water: '140 ml' }, 'Fed');
  await save();
  await maker.at(124);
  await brew('Apricot two');
  const second = await maker.mix('Apricot two');
  await maker.pitch('Cool to the touch');

  // Three days became six: the page still has an answer, and bottles are filled with what is there.
  await maker.at(124 + 6 * 24, second);
  await expect(page.getByTestId('advice')).toBeVisible();
  await button(page, 'Bottle it').click();
  await maker.own('Swing-top, pressure-rated', '330 ml', 4);
  await expect(page.getByTestId('fill-line')).toContainText('into 4 bottles');
  await button(page, /^Bottle 2, 330 ml/).click();
  await page
    .getByTestId('bottle-hand')
    .getByRole('radiogroup', { name: 'Mark on its neck' })
    .getByRole('radio', { name: 'one ring' })
    .click();
  await button(page, /^Bottle 3, 330 ml/).click();
  await page
    .getByTestId('bottle-hand')
    .getByRole('radiogroup', { name: 'Where it stands' })
    .getByRole('radio', { name: 'warm shelf' })
    .click();
  await button(page, 'Bottled').click();
  await maker.at(124 + 8 * 24, '/rack');
  await expect(page.getByText('4 closed bottles', { exact: false })).toBeVisible();
  // Glass: no squeeze is asked for.
  await button(page, /Apricot two, bottle 1:/).click();
  await expect(sheet(page)).toContainText('Glass is never squeezed');
  await expect(sheet(page).getByRole('radiogroup', { name: 'Squeeze' })).toHaveCount(0);
  await sheet(page)
    .getByRole('radio', { name: /^All 3 of its batch here/ })
    .click();
  await sheet(page).getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByRole('heading', { name: /side by side/i })).toBeVisible();
  const compared = page.url();

  // Three are opened and tasted, and stand side by side.
  const opened: readonly [number, string, string][] = [
    [1, 'Gentle hiss', 'Sweet'],
    [2, 'Lively', 'Balanced'],
    [4, 'Gusher', 'A hint sweet'],
  ];
  for (const [number, how, sweet] of opened) {
    await page.goto('/rack');
    await button(page, new RegExp(`Apricot two, bottle ${number}[,:]`)).click();
    await sheet(page).getByRole('button', { name: 'Open it' }).click();
    await maker.radio(how, sheet(page)).click();
    await sheet(page).getByRole('button', { name: 'Opened' }).click();
    await sheet(page)
      .getByRole('radiogroup', { name: 'Sweet' })
      .getByRole('radio', { name: sweet, exact: true })
      .click();
    await sheet(page).getByRole('button', { name: 'Note the taste' }).click();
    await expect(sheet(page).getByText('Noted: you', { exact: false })).toBeVisible();
  }
  await page.goto(compared);
  const row = (title: string) => page.getByTestId('compare').getByRole('group', { name: title });
  await expect(row('Opened')).toContainText(/gentle.*lively.*gusher/i);
  await expect(row('Sweet').first()).toContainText(/4\.0 of 5.*3\.0 of 5.*2\.0 of 5/);
});

test('a bug topped up to its mark; two weeks in a demijohn; the whole batch primed; preserving jars refused', async ({
  page,
}) => {
  const maker = new Maker(page);
  const jar = await livelyBug(maker, 'Sorrel');
  await maker.at(100);
  await maker.compose({
    name: 'Juniper dry',
    litres: '2 L',
    add: { juniper: 'Juniper berry' },
    amounts: { 'White sugar': '110 g', 'Fresh ginger': '40 g', 'Juniper berry': '4 g' },
    life: 'Sorrel',
    dose: ['Starter to draw', '180 ml'],
  });
  const brew = await maker.mix('Juniper dry');
  await maker.pitch('Cool to the touch');
  // Drawn from, the jar is brought back to its mark by the usual feed and water.
  await page.goto(jar);
  await expect(page.getByTestId('usual-feed')).toContainText(
    /14 g .* fresh ginger, 14 g .* white sugar and 1[67]\d ml .*water/,
  );
  await button(page, /^Fed the usual/).click();
  await expect(page.getByText(/^ml \(2\d? ?[¼½¾]? cups\) in a 1000 ml jar/).first()).toBeVisible();

  await maker.at(100 + 14 * 24, brew);
  await button(page, 'Bottle it').click();
  await maker.own('Preserving jar', '1 l', 2);
  await expect(page.getByTestId('makes')).toContainText('Preserving jars are left out');
  await maker.own('Crown-cap beer bottle', '500 ml', 4);
  await maker.radio('Stirred into the whole jar').click();
  await chipIn(page, 'Into the jar', 'Sugar');
  // 6 g a litre into what the jar gives.
  await expect(page.getByTestId('dose-words')).toContainText(
    /^1[12]\.?\d* g .* white sugar into \d+ ml, 6 g a litre/,
  );
  await field(page, 'White sugar in this jar').fill('14 g');
  await button(page, 'Bottled').click();
  await page.goto(brew);
  await expect(page.getByText('Added 14 g (1 tbsp) white sugar').first()).toBeVisible();
  await expect(page.getByText(/Bottled \d × 500 ml, crown-cap/).first()).toBeVisible();
});

test('a bug without added water, fed dry and burped every day under its lid', async ({ page }) => {
  const maker = new Maker(page);
  const jar = await livelyBug(maker, 'Dry one');
  await button(page, 'How it is kept').click();
  await maker.radio('Sealed').click();
  await maker.at(125, jar);
  await expect(page.getByTestId('usual-feed')).not.toContainText('water');
  await maker.act('Burp');
  await expect(page.getByText('Burped').first()).toBeVisible();
  await button(page, /^Fed the usual 14 g/).click();
  // One act, one frequency: a day on it is asked for again.
  await maker.at(151, jar);
  await expect(page.getByTestId('care-vent')).toContainText('not opened for 2');
});

test('whey, salt and citrus in one closed jar: lid pressed, burped, drunk from the fridge for a week', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  const whey = await maker.begin('Whey', 'Pale', {}, 'Strained from yoghurt');
  expect(whey).toMatch(/^\/starters\//);
  await maker.compose({
    name: 'Lime and salt',
    litres: '1 L',
    without: ['Fresh ginger'],
    add: { 'lime juice': 'Lime juice', salt: 'Sea salt' },
    amounts: { 'White sugar': '42 g', 'Lime juice': '45 ml', 'Sea salt': '1.5 g' },
    life: 'Pale',
    dose: ['Starter to draw', '30 ml'],
  });
  // 42 g and lime’s little in a litre: lean, as whey ginger ales are.
  expect(await maker.boardSugar()).toBeGreaterThanOrEqual(42);
  expect(await maker.boardSugar()).toBeLessThanOrEqual(45);
  await unfold(page, 'Steps');
  await button(page, 'Cover it').click();
  await maker.radio('Closed, lid pressed').click();
  const brew = await maker.mix('Lime and salt');
  await maker.pitch('Mixed cold: as the room');
  await maker.at(30);
  await expect(page.getByText('Lift the lid of Lime and salt')).toBeVisible();
  await button(page, 'Lifted').click();
  await maker.at(72, brew);
  await maker.look({ Lid: 'Domed' });
  await maker.at(72);
  const ready = page.getByTestId('action-bottle').filter({ hasText: 'Lime and salt' });
  await expect(ready).toContainText('into the fridge if you like it');
  await expect(ready).toContainText('Slowly, over a bowl');
  await ready.getByRole('button', { name: 'Lime and salt into the fridge' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Lime and salt in the fridge.' })).toBeVisible();
  for (const day of [4, 6]) {
    await maker.at(24 * day, brew);
    await maker.act('Pour');
    await maker.radio('Drunk', sheet(page)).click();
    await sheet(page).getByRole('button', { name: 'Drunk', exact: true }).click();
  }
  await expect(page.getByRole('group', { name: 'Sugar account' })).toContainText(/0\.\d+L in the jar now/);
  await maker.at(7 * 24);
  await expect(page.getByText('Lift the lid of Lime and salt')).toBeVisible();
});
