import { expect, test } from '@playwright/test';
import { button, field, sheet } from './kitchen';
import { Maker } from './maker';

test('whole fruit under a weight in sugar water, and a second run on it', async ({ page }) => {
  const maker = new Maker(page);
  await maker.at(0);
  await maker.kitchen(23);
  await maker.compose({
    name: 'Damsons, whole',
    without: ['Fresh ginger'],
    add: { damson: 'Damson' },
    amounts: { 'White sugar': '95 g', Damson: '620 g' },
    life: 'Nothing: it lives on the base',
  });
  // All of it in the pot: nothing would live in it, and that is asked before it is mixed.
  await expect(page.getByText(/Boiling kills the yeast on skins/)).toBeVisible();
  await button(page, 'Swap, ripeness, price…').last().click();
  await page
    .getByRole('radiogroup', { name: 'Goes in' })
    .getByRole('radio', { name: 'Cold, in the jar' })
    .click();
  await expect(page.getByText(/Boiling kills the yeast on skins/)).toHaveCount(0);
  const brew = await maker.mix('Damsons, whole');
  await maker.at(70, brew);
  await maker.look({ Foam: 'Good foam' });
  // Stirred down every day, that stands on the page.
  await expect(page.getByTestId('tending')).toContainText(/[Ss]tir|under/);
  await button(page, /^Second run/).click();
  await expect(page.getByRole('heading', { name: 'Damsons, whole, second run' })).toBeVisible();
  await expect(page.getByTestId('lineage')).toContainText('Damsons, whole');
});

test('peel: called by its own name, stirred against film; purée and sugar in one bottle, a gusher', async ({
  page,
}) => {
  const maker = new Maker(page);
  await maker.at(0);
  await page.goto('/starters/new');
  await field(page, 'Its name, if you know it by another').fill('tepache');
  await page.getByRole('radiogroup', { name: 'Known as that' }).getByRole('radio').first().click();
  await field(page, 'Name').fill('Rinds');
  await field(page, 'Jar').fill('2 l');
  await button(page, 'Begin').click();
  await expect(page.getByRole('heading', { name: 'Rinds', exact: true })).toBeVisible();
  const brew = new URL(page.url()).pathname;
  await maker.at(40, brew);
  await maker.look({ 'Film on top': 'Thin, white, smooth' });
  await expect(page.getByText('Looked: film on top thin, white, smooth')).toBeVisible();
  await maker.at(72, brew);
  await button(page, 'Bottle it').click();
  await maker.own('Swing-top, pressure-rated', '500 ml', 1);
  await button(page, /^Bottle 1, 500 ml/).click();
  const hand = page.getByTestId('bottle-hand');
  await maker.radio('Its own', hand).click();
  await hand.getByRole('checkbox', { name: 'Raspberry purée' }).click();
  await hand.getByRole('checkbox', { name: 'Sugar', exact: true }).click();
  await hand.getByRole('textbox', { name: 'Raspberry purée in this bottle' }).fill('45 g');
  await hand.getByRole('textbox', { name: 'White sugar in this bottle' }).fill('1 tsp');
  await expect(hand).toContainText('45 g (3 tbsp) raspberry purée and 4.3 g (1 tsp) white sugar');
  await button(page, 'Bottled').click();
  // It is named after what is in it, and the rest stays in the jar.
  await maker.at(110, '/rack');
  await button(page, /Rinds, bottle 1, raspberry purée, white sugar:/).click();
  await sheet(page).getByRole('button', { name: 'Open it' }).click();
  await maker.radio(/[Gg]usher/, sheet(page)).click();
  await sheet(page).getByRole('textbox', { name: /lost/i }).fill('120 ml');
  await sheet(page).getByRole('button', { name: 'Opened' }).click();
  await page.goto(brew);
  await expect(page.getByText(/raspberry purée/i).first()).toBeVisible();
});

test('fruit starter into a whole-fruit soda with its pulp, and the starter topped up', async ({ page }) => {
  const maker = new Maker(page);
  await maker.at(0);
  const jar = await maker.begin(
    'Fruit or flower starter',
    'Hedge',
    { Jar: '800 ml', Water: '420 ml', Honey: '60 g' },
    'Fruit',
  );
  await maker.at(60, jar);
  await maker.radio('Good foam').click();
  await maker.compose({
    name: 'Plum with pulp',
    litres: '1.2 L',
    without: ['Fresh ginger'],
    amounts: { 'White sugar': '60 g' },
    add: { plum: 'Plum' },
    life: 'Hedge',
    dose: ['Starter to draw', '140 ml'],
  });
  await put(maker, 'Plum', '330 g');
  const brew = await maker.mix('Plum with pulp');
  await maker.pitch('Mixed cold: as the room');
  await expect(page.getByTestId('lineage')).toContainText('Hedge: 140 ml');
  await page.goto(jar);
  const { save } = await maker.add({ Water: '130 ml', Honey: '14 g' }, 'Fed');
  await save();
  // 14 g in 130 ml of water are 10.8 %, as such a starter is kept.
  await expect(page.getByText(/^Added .*14 g .*honey/).first()).toBeVisible();

  // One bottle clear, one with its pulp: each goes by what it holds.
  await maker.at(110, brew);
  await button(page, 'Bottle it').click();
  await maker.own('Plastic soda bottle', '500 ml', 2);
  await button(page, /^Bottle 2, 500 ml/).click();
  await page.getByTestId('bottle-hand').getByRole('radio', { name: 'With its pulp' }).click();
  await button(page, 'Bottled').click();
  await page.goto('/rack');
  await expect(page.getByText('2 closed bottles', { exact: false })).toBeVisible();
  await button(page, /Plum with pulp, bottle 2[,:]/).click();
  await sheet(page)
    .getByRole('radio', { name: /^All 2 of its batch here/ })
    .click();
  await sheet(page).getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByTestId('compare').getByRole('group', { name: /Strained/ })).toContainText(
    /strained.*with pulp|with pulp.*strained/,
  );
});

test('a flower starter by percent, shaken every day, and refreshed after a month', async ({ page }) => {
  const maker = new Maker(page);
  await maker.at(0);
  await page.goto('/starters/new');
  await maker.radio('Fruit or flower starter').click();
  await maker.radio('Flowers or herbs').click();
  await field(page, 'Name').fill('Umbels');
  await field(page, 'Jar').fill('900 ml');
  await field(page, 'Water').fill('500 ml');
  await button(page, 'Leave out White sugar').click();
  await maker.pick('honey', 'Honey');
  await field(page, 'Honey').fill('2 tbsp');
  // Two spoons are 42.6 g: 8.5 % of the water, where 10 to 20 were meant.
  await expect(page.getByTestId('starter-preview')).toContainText('8.5');
  await field(page, 'Sweetener meant, %').fill('14');
  // 14 % of 500 g of water are 70 g.
  await page
    .getByTestId('contradiction')
    .getByRole('button', { name: /^Make it 70 g/ })
    .click();
  await button(page, 'Begin').click();
  await expect(page.getByRole('heading', { name: 'Umbels', exact: true })).toBeVisible();
  const jar = new URL(page.url()).pathname;
  await maker.at(24);
  await expect(page.getByText('Shake Umbels, and open its lid')).toBeVisible();
  await button(page, 'Shaken').click();
  await expect(page.getByText('Stirred').first()).toBeVisible();
  await maker.at(31 * 24, jar);
  await expect(page.getByText(/31 days old|4 weeks old|month/).first()).toBeVisible();
  // Nobody fed it: it is brought back, step by step, and gives nothing before.
  await expect(page.getByText(/^starved, fed 31 days ago/)).toBeVisible();
  await expect(page.getByTestId('draw-card')).toContainText('Bring it back before drawing');
  await page.goto('/');
  await button(page, 'How to bring Umbels back').click();
  await expect(page.getByText(/Pour off all but a third, fill up with water/)).toBeVisible();
  await maker.act('Pour');
  const poured = sheet(page);
  await maker.radio('Away', poured).click();
  await poured.getByRole('textbox', { name: 'How much' }).fill('400 ml');
  await poured.getByRole('button', { name: 'Poured', exact: true }).click();
  const { save } = await maker.add({ Water: '330 ml', Honey: '46 g' }, 'Fed');
  await save();
  await maker.at(33 * 24, jar);
  await maker.radio('Good foam').click();
  await expect(page.getByTestId('draw-card')).toContainText(/Draw up to \d+ ml/);
});

/** An amount on the worktop that has a row. */
async function put({ page }: Maker, name: string, amount: string) {
  await button(page, new RegExp(`^${name}: `)).click();
  await field(page, name).fill(amount);
  await page.getByTestId('board').waitFor();
  await button(page, /^Mixed/).scrollIntoViewIfNeeded();
}
