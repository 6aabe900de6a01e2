import { expect, test, type Page } from '@playwright/test';
import { button, setClock } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

const evening = (june: number) => Date.UTC(2026, 5, june, 17, 30);
const notYet = /^(From |Tomorrow |In the |\d+:\d+ to)/;

/** Cards of Today whose time has begun: what their buttons are called. */
async function dueNow(page: Page): Promise<string[]> {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Working out what comes next…')).toHaveCount(0);
  const cards = await page.getByTestId(/^action-/).evaluateAll((all) =>
    all.map((each) => ({
      lines: (each as HTMLElement).innerText.split(/\n+/).slice(2, 6),
      buttons: Array.from(each.querySelectorAll('[role=button], button')).map(
        (one) => one.getAttribute('aria-label') ?? (one as HTMLElement).innerText,
      ),
    })),
  );
  return cards
    .filter(({ lines }) => !lines.some((line) => notYet.test(line)))
    .flatMap(({ buttons }) => buttons);
}

/** Taps what Today asks for and can be said at once; it asks for this at least. */
async function doWhatIsDue(page: Page, atLeast: RegExp) {
  await expect.poll(() => dueNow(page)).toContainEqual(expect.stringMatching(atLeast));
  for (const name of await dueNow(page))
    if (/^(Fed |Stirred|Chilled)/.test(name)) {
      await button(page, name).first().click();
      await expect(page.getByRole('status').first()).toBeVisible();
    }
}

test('from nothing yet to a first glass, by following only what the page says', async ({ page }) => {
  test.setTimeout(300_000);
  await setClock(page, evening(1));
  await page.goto('/');
  await page.getByRole('link', { name: 'Nothing yet' }).click();
  await expect(page.getByRole('heading', { name: 'First glass about Saturday 13 June' })).toBeVisible();
  await button(page, 'Begin it now').click();
  await button(page, 'Begin').click();
  await expect(page.getByRole('heading', { name: 'Pip', exact: true })).toBeVisible();

  // Every day till Saturday 6 June: what Today asks for. Then it says that the first soda can be brewed.
  for (let day = 2; day <= 6; day += 1) {
    await setClock(page, evening(day));
    await page.goto('/');
    await doWhatIsDue(page, /^Fed Pip/);
  }
  await expect(page.getByTestId('first-brew')).toContainText('Brew a soda from Pip');
  await button(page, 'Something of my own').click();
  await button(page, /^Mixed/).click();
  await button(page, 'Pitch the starter').click();
  await page.getByRole('radio', { name: 'Mixed cold: as the room' }).click();
  await button(page, 'Pitched').click();
  await expect(page.getByText('Brews / first ferment', { exact: false })).toBeVisible();

  // About Tuesday 9 June: taste it, and bottle it.
  for (let day = 7; day <= 9; day += 1) {
    await setClock(page, evening(day));
    await page.goto('/');
    await doWhatIsDue(page, /^Stirred/);
  }
  await page.goto('/');
  await expect.poll(() => dueNow(page)).toContainEqual(expect.stringMatching(/^Taste or bottle/));
  await button(page, /^Taste or bottle/).click();
  await button(page, 'Bottle it').first().click();
  // The page asks what bottles there are: those it had on the list to buy.
  await expect(page.getByText('no bottle chosen yet', { exact: false })).toBeVisible();
  await page.getByRole('textbox', { name: 'How many' }).fill('3');
  await button(page, 'Mine now').click();
  await button(page, 'Other bottles').click();
  await page.getByRole('radio', { name: 'Plastic soda bottle' }).click();
  await page.getByRole('textbox', { name: 'How many' }).fill('1');
  await button(page, 'Mine now').click();
  await button(page, 'Pick the bottles that leave least over').click();
  await button(page, 'Bottled').click();
  await expect(page.getByRole('heading', { name: 'Labels for Ginger' })).toBeVisible();

  // A look, a chill, and on the day that was promised, give or take what was said with it, a glass.
  let chilledOn = 0;
  for (let day = 10; day <= 17 && chilledOn === 0; day += 1) {
    await setClock(page, evening(day));
    await page.goto('/rack');
    await expect(button(page, /of what it bears/).first()).toBeVisible();
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    const due = await dueNow(page);
    const firm = due.find((name) => name === 'Squeezed: firm');
    if (firm) {
      await button(page, firm).click();
      await expect(page.getByText('Noted. This is being worked out again.').first()).toBeHidden();
    }
    const chill = (await dueNow(page)).find((name) => /^Chilled/.test(name));
    if (chill) {
      await button(page, chill).first().click();
      await expect(page.getByRole('status').first()).toContainText('in the fridge');
      chilledOn = day;
    }
  }
  expect(chilledOn).toBeGreaterThanOrEqual(10);
  await setClock(page, evening(chilledOn) + 2.5 * 24 * hourMs);
  await page.goto('/');
  await button(page, 'Open a bottle').first().click();
  await button(page, 'Open it').click();
  await page.getByRole('radio', { name: 'Gentle hiss' }).click();
  await page.getByRole('button', { name: 'Opened', exact: true }).click();
  await expect(page.getByRole('status').first()).toContainText('is opened');
  // Nine times in ten between 11 June and 17 June, as the way had said.
  expect(chilledOn + 2).toBeGreaterThanOrEqual(11);
  expect(chilledOn + 2).toBeLessThanOrEqual(17);
});
