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
  await expect(page.getByTestId('build-plan')).toContainText('At its peak Fri 18:00: draw 355 ml.');
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
    'The spoons make 7.0 %, not the 18 % that were meant: 52 g more white sugar.',
  );
  await button(page, 'Make it 85 g white sugar').click();
  await expect(field(page, 'White sugar')).toHaveValue('85 g');
  await expect(said).toHaveCount(0);
  await button(page, 'Begin').click();
  await expect(page.getByText('18.0 % sweetener', { exact: false })).toBeVisible();
});

test('grains to the third cycle, and a split', async ({ page }) => {
  await page.goto('/starters/new');
  await page.getByRole('radio', { name: 'Water kefir grains', exact: true }).click();
  await field(page, 'Name').fill('The pearls');
  await field(page, 'Jar').fill('1.5 l');
  await field(page, 'Water').fill('1 l');
  await field(page, 'Water kefir grains').fill('60 g');
  await field(page, 'White sugar').fill('60 g');
  await button(page, 'Begin').click();
  await expect(page.getByTestId('grains')).toContainText('60 g of grains');
  const jar = page.url();
  for (const day of [2, 4]) {
    await setClock(page, days(day));
    await page.goto(jar);
    await button(page, /^Strained \d+ ml off and fed the usual/).click();
    await expect(page.getByTestId('grains')).toContainText('60 g of grains');
  }
  // Two cycles' liquid stands as brews of its own.
  await page.goto('/brews');
  await expect(page.getByText('From The pearls')).toHaveCount(2);
  await page.goto(jar);
  for (const [day, grams] of [
    [4.1, '64'],
    [6, '130'],
  ] as const) {
    await setClock(page, days(day));
    await page.goto(jar);
    if (day === 6) await button(page, /^Strained \d+ ml off and fed the usual/).click();
    await act(page, 'Measure');
    await sheet(page).getByRole('radio', { name: 'Grains' }).click();
    await sheet(page).getByRole('textbox').first().fill(grams);
    await sheet(page)
      .getByRole('button', { name: /Note|Measured|Write/ })
      .last()
      .click();
  }
  await expect(page.getByTestId('grains')).toContainText('They grow by about 103 % a cycle');
  await expect(page.getByTestId('split')).toContainText('g of grains off, for a second jar');
  await act(page, 'Pour');
  await sheet(page).getByRole('radio', { name: 'Solids: fruit, grains' }).click();
  await sheet(page).getByRole('radio', { name: 'A new jar' }).click();
  await sheet(page).getByRole('radio', { name: 'A starter' }).click();
  await sheet(page).getByRole('textbox', { name: 'How much' }).fill('65 g');
  await sheet(page).getByRole('textbox', { name: 'Name' }).fill('Second jar');
  await sheet(page).getByRole('textbox', { name: 'Jar', exact: true }).fill('1 l');
  await sheet(page).getByRole('button', { name: 'Poured', exact: true }).click();
  await page.goto(jar);
  await expect(page.getByTestId('split')).toHaveCount(0);
  await expect(page.getByTestId('grains')).toContainText('65 g of grains');
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
