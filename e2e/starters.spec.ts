import { expect, test } from '@playwright/test';
import { act, beginBug, button, field, setClock, sheet } from './kitchen';

const hour = 3_600_000;
const start = Date.parse('2026-07-06T09:00:00Z');
const days = (count: number) => start + count * 24 * hour;

test.beforeEach(async ({ page }) => {
  await setClock(page, start);
});

test('a bug drawn too low is refused, and built up for a date', async ({ page }) => {
  await beginBug(page, 'Ada');
  const jar = page.url();
  await setClock(page, days(6));
  await page.goto(jar);
  // Poured down far below its mark.
  await act(page, 'Pour');
  await sheet(page).getByRole('radio', { name: 'Away', exact: true }).click();
  await sheet(page).getByRole('textbox', { name: 'How much' }).fill('420 ml');
  await sheet(page).getByRole('button', { name: 'Poured', exact: true }).click();
  await expect(page.getByText('Top up before the next draw')).toBeVisible();
  await button(page, 'Have so much by a day').click();
  await expect(page.getByRole('heading', { name: 'Build Ada up' })).toBeVisible();
  await field(page, 'How much').fill('900 ml');
  await expect(page.getByTestId('build-refused')).toContainText('would need a jar of at least');
  await field(page, 'How much').fill('1 1/2 cups');
  await page.getByLabel('By when').fill('2026-07-12T20:00');
  await expect(page.getByTestId('build-plan')).toContainText('Not by');
  await page.getByLabel('By when').fill('2026-07-17T18:00');
  await expect(page.getByTestId('build-plan')).not.toContainText('Not by');
  await expect(page.getByTestId('build-plan')).toContainText('At its peak Fri 18:00: draw 355 ml (1½ cups).');
  await button(page, 'Build it up').click();
  await setClock(page, Date.parse('2026-07-15T06:00:00Z'));
  await page.goto('/');
  await expect(page.getByText('it is being built up for a brew', { exact: false }).first()).toBeVisible();
});

test('a two-week holiday: fed and rested before, woken after', async ({ page }) => {
  await beginBug(page, 'Ada');
  await setClock(page, days(8));
  await page.goto('/starters/ahead');
  const away = page.getByTestId('away');
  await away.getByLabel('Leaving').fill('2026-07-15T12:00');
  await away.getByLabel('Home again').fill('2026-07-10T12:00');
  await expect(away.getByText('You come home before you leave')).toBeVisible();
  await away.getByLabel('Home again').fill('2026-07-29T12:00');
  await expect(away).toContainText('then into the fridge');
  await expect(away).toContainText('2 warm feeds');
  await expect(away).toContainText(/chance of about 9\d %/);
  await button(page, 'Plan this absence').click();
  await page.goto('/');
  await button(page, 'Fed and resting').click();
  await page.goto('/starters');
  await expect(page.getByText('resting in the fridge')).toBeVisible();
  await setClock(page, Date.parse('2026-07-29T11:00:00Z'));
  await page.goto('/');
  await expect(page.getByText(/^Wake Ada: onto the counter/)).toBeVisible();
  await button(page, 'Awake and fed').click();
  await expect(page.getByText(/^Wake Ada/)).toHaveCount(0);
  await page.goto('/starters');
  await expect(page.getByText('resting in the fridge')).toHaveCount(0);
});

test('a hot week entered ahead shortens the feeds, warns, and can be taken out', async ({ page }) => {
  await beginBug(page, 'Ada');
  await setClock(page, days(8));
  await page.goto('/starters/ahead');
  const spell = page.getByTestId('spell');
  await spell.getByRole('textbox', { name: 'Degrees, °C' }).fill('99');
  await expect(spell.getByText('Between −5 and 45 °C.')).toBeVisible();
  await spell.getByRole('textbox', { name: 'Degrees, °C' }).fill('35');
  await expect(spell).toContainText(/Ada at 35 °C: a feed every 9 hours instead of 26 hours/);
  await expect(spell).toContainText('above 35 °C grains die');
  await button(page, 'Reckon with it').click();
  await expect(spell.getByText(/^Counter 35 °C/)).toBeVisible();
  // Within it, Today reckons with 35 °C.
  await setClock(page, days(11));
  await page.goto('/');
  await expect(page.getByText('35.0', { exact: false }).first()).toBeVisible();
  await page.goto('/starters/ahead');
  await button(page, 'Take it out').click();
  await page.goto('/');
  await expect(page.getByText('21.0', { exact: false }).first()).toBeVisible();
});

test('what is wrong: signs picked, causes weighed, the one question, mould thrown out', async ({ page }) => {
  await beginBug(page, 'Ada');
  const jar = page.url();
  await setClock(page, days(13));
  await page.goto(jar);
  await button(page, 'What is wrong with it?').click();
  const sign = (name: string) => page.getByRole('checkbox', { name, exact: true });
  await sign('No bubbles').click();
  await sign('Vinegar').click();
  await expect(page.getByTestId('so-far')).toContainText('Hungry');
  await expect(page.getByTestId('suspects')).toContainText('it was fed 13 days ago');
  const asked = page.getByTestId('look-for');
  const question = await asked.innerText();
  await asked.getByRole('button', { name: 'No', exact: true }).click();
  await expect(asked).not.toHaveText(question);
  await button(page, 'Write these signs down').click();
  await expect(button(page, 'Written down')).toBeDisabled();
  await sign('Fuzz').click();
  await expect(page.getByTestId('discard')).toContainText('Discard all of it');
  await expect(page.getByTestId('suspects')).toHaveCount(0);
  await page.goto(jar);
  await expect(page.getByText('Looked: foam flat, smell vinegar')).toBeVisible();
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
  await expect(page.getByText('From The pearls')).toHaveCount(0);
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
  await expect(page.getByTestId('split')).toContainText('of grains off, for a second jar');
  await page.goto('/brews');
  await expect(page.getByText('From The pearls')).toHaveCount(2);
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

test('two brews that want the same jar are told so, with the soonest time for the second', async ({
  page,
}) => {
  await beginBug(page, 'Ada');
  await setClock(page, days(7));
  const brew = async (name: string, dose: string) => {
    await page.goto('/brews/new');
    await field(page, 'Name').fill(name);
    await field(page, 'White sugar').fill('120 g');
    await field(page, 'Starter to draw').fill(dose);
  };
  await brew('Plum', '200 ml');
  await button(page, /^Mixed/).click();
  await brew('Pear', '150 ml');
  const told = page.getByTestId('claims');
  await expect(told).toContainText('Ada is promised to Plum (200 ml (¾ cup))');
  await expect(told).toContainText(/Soonest for 150 ml \(10 tbsp\) more: (tomorrow|\w{3}) \d+:\d\d/);
  await button(page, /^Mixed/).click();
  await page.goto('/starters');
  await page.getByRole('link', { name: /^Ada/ }).first().click();
  await expect(page.getByTestId('claims')).toContainText('Pear waits too.');
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
  await field(page, 'White sugar').fill('150 g');
  await page.getByRole('radio', { name: 'Sparkler' }).click();
  await field(page, 'Yeast').fill('9 g');
  await expect(page.getByTestId('brew-refusal')).toContainText('There are 5 g left in Sparkler.');
  await field(page, 'Yeast').fill('1 g');
  await button(page, /^Mixed/).click();
  await button(page, 'Pitch the starter').click();
  await field(page, 'Temperature of the base, °C').fill('24');
  await expect(field(page, 'From the packet')).toHaveValue('1 g');
  await button(page, 'Pitched').click();
  await expect(page.getByText('Brews / first ferment', { exact: false })).toBeVisible();
  await page.goto('/starters');
  await expect(page.getByText('4 g', { exact: true })).toBeVisible();
});

test('how a jar is kept: a school is chosen, feeds follow it, and only its warning is shown', async ({
  page,
}) => {
  await beginBug(page, 'Ada');
  const jar = page.url();
  await setClock(page, days(1));
  await page.goto(jar);
  await expect(page.getByTestId('usual-feed')).not.toContainText('water');
  await button(page, 'How it is kept').click();
  await page.getByRole('radio', { name: 'Water with each feed' }).click();
  await expect(page.getByTestId('care-grows')).toContainText(/full after \d+ feeds more/);
  await page.getByRole('radio', { name: 'Peeled and rinsed' }).click();
  await page.getByRole('radio', { name: 'Sealed' }).click();
  await page.goto(jar);
  await expect(page.getByTestId('usual-feed')).toContainText('water');
  await expect(page.getByTestId('care-peeled')).toBeVisible();
  await expect(page.getByTestId('care-vent')).toContainText('not opened for 24 h');
  await expect(page.getByTestId('care-insects')).toHaveCount(0);
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
  await expect(page.getByTestId('draw-card')).toContainText('more than half of it is alive until then');
  await expect(page.getByText('made 5 days ago', { exact: false }).first()).toBeVisible();

  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'The last batch' }).click();
  await expect(page.getByText('Nothing ferments now', { exact: false })).toBeVisible();
  await page.getByRole('radio', { name: 'Peel, no starter' }).click();
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

test('two jars that are due together are one round, within the hours somebody is up', async ({ page }) => {
  await beginBug(page, 'Ada');
  await beginBug(page, 'Bea');
  await page.goto('/places');
  await page.getByTestId('waking').getByLabel('To', { exact: true }).fill('20:00');
  await page.getByTestId('waking').getByLabel('From', { exact: true }).click();
  await expect(page.getByText('Up from 07:00 to 20:00.', { exact: false })).toBeVisible();
  await page.getByTestId('place-warm-shelf').getByRole('radio', { name: '±4' }).click();
  await expect(page.getByTestId('place-warm-shelf')).toContainText('in the mean; now day');
  await setClock(page, days(1));
  await page.goto('/');
  await expect(page.getByText('Feed Ada, Bea').or(page.getByText('Feed Bea, Ada'))).toBeVisible();
  await expect(page.getByText(/before 20:00|before \d+:\d\d/).first()).toBeVisible();
  await button(page, 'All 2 fed').click();
  await expect(page.getByRole('heading', { name: 'Nothing needs hands yet' })).toBeVisible();
  // What a move would change is said before it.
  await page.goto('/starters');
  await page.getByRole('link', { name: /^Ada/ }).first().click();
  await act(page, 'Move');
  await sheet(page)
    .getByRole('radio', { name: /^Warm shelf/ })
    .click();
  await expect(page.getByTestId('move-effect')).toContainText(/a feed every \d+ h instead of \d+ h/);
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
