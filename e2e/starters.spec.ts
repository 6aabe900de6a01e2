import { expect, test } from '@playwright/test';
import { act, beginBug, button, field, put, setClock, sheet } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

const start = Date.parse('2026-07-06T09:00:00Z');
const days = (count: number) => start + count * 24 * hourMs;

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
  // Six days without a feed: it is brought back before anything is promised of it.
  await expect(page.getByText('Bring it back before drawing')).toBeVisible();
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
  await expect(page.getByText('Its brew needs more of it by then.', { exact: false }).first()).toBeVisible();
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
  await expect(page.getByText(/^Wake Ada on the counter/)).toBeVisible();
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
  await button(page, 'Plan for it').click();
  await expect(spell.getByText(/^Counter at 35 °C/)).toBeVisible();
  // Within it, Today counts on 35 °C.
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

test('two brews that want the same jar are told so, with the soonest time for the second', async ({
  page,
}) => {
  await beginBug(page, 'Ada');
  await setClock(page, days(7));
  const brew = async (name: string, dose: string) => {
    await page.goto('/brews/new');
    await field(page, 'Name').fill(name);
    await put(page, 'White sugar', '120 g');
    await put(page, 'Starter to draw', dose);
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
  await expect(page.getByText(/^Feed (Ada and Bea|Bea and Ada)$/)).toBeVisible();
  await expect(page.getByText(/^(By \d+:\d\d|Before bed)$/).first()).toBeVisible();
  await button(page, 'All 2 fed').click();
  await expect(page.getByRole('heading', { name: 'Nothing is due yet' })).toBeVisible();
  // What a move would change is said before it.
  await page.goto('/starters');
  await page.getByRole('link', { name: /^Ada/ }).first().click();
  await act(page, 'Move');
  await sheet(page)
    .getByRole('radio', { name: /^Warm shelf/ })
    .click();
  await expect(page.getByTestId('move-effect')).toContainText(/a feed every \d+ h instead of \d+ h/);
});
