import { expect, test } from '@playwright/test';
import { button, field } from './kitchen';
import { answered, at, smallBug, wish, wishFor } from './wishes';

test('twelve glasses for a Saturday from one small bug: built up, brewed on the day, and then under way', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await smallBug(page);
  await wishFor(page, 'Quince and bay ginger beer', '12', 'Glasses', '2026-06-13T18:00');
  await answered(page);
  await expect(wish(page)).toContainText('Quince and bay ginger beer, 3 L');
  // It is drawn along its moments by keys: the chance follows at once, and it stays where it was put.
  const axis = page.getByRole('slider', { name: 'The brew day' });
  const first = await axis.getAttribute('aria-valuetext');
  await axis.press('ArrowRight');
  await expect(axis).not.toHaveAttribute('aria-valuetext', first!);
  await axis.press('ArrowLeft');
  await expect(axis).toHaveAttribute('aria-valuetext', first!);
  // A step is held at an hour by keys: it stands there, with the chance it leaves, and is let go again.
  await button(page, /^Bottle it: /).click();
  await page.getByRole('slider', { name: 'The hour: Bottle it' }).press('ArrowRight');
  const hour = /^(.*?\d+:\d\d)\. In time and good: .*\.$/;
  await expect(page.getByTestId('bottle-held')).toHaveText(hour);
  const [, held] = hour.exec(await page.getByTestId('bottle-held').innerText())!;
  await button(page, `Hold ${held}`).click();
  await expect(button(page, `Bottle it: Held: ${held}`)).toBeVisible();
  await expect(page.getByTestId('plan-days')).toContainText(/\d+:\d\d Bottle it: Quince and bay ginger beer/);
  await button(page, 'Let it go').click();
  await expect(button(page, `Hold ${held}`)).toBeVisible();
  // The wish itself is drawn along: a day later and back again, each with its chance before it is moved.
  await button(page, /^Another day: At best /).click();
  const days = page.getByRole('slider', { name: 'The day it is wished for' });
  await days.press('ArrowRight');
  await expect(page.getByTestId('other-day')).toHaveText(/^14 Jun 18:00\. In time and good: .*\.$/);
  await button(page, 'Wish it for 14 Jun 18:00').click();
  await expect(wish(page)).toContainText('Cold by 14 Jun 18:00');
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(wish(page)).toContainText('Cold by 13 Jun 18:00');
  await answered(page);
  await expect(page.getByTestId('plan-days')).toContainText(/Feed the starter: Quince and bay ginger beer/);
  const sugar = page.getByTestId('shopping').getByRole('checkbox', { name: /^White sugar/ });
  await sugar.click();
  await expect(sugar).toHaveAccessibleName('White sugar: 500 g there, 216 g needed');
  await button(page, 'Take this plan').click();
  await expect(button(page, 'Taken')).toBeVisible();
  await page.reload();
  await answered(page);
  await expect(button(page, 'Taken')).toBeVisible();

  // Today asks for the feeds that build it up, and on the day for the brew.
  const brewDay = page.getByTestId('brew-day');
  for (const hours of [14, 20, 26]) {
    await at(page, hours);
    await page.goto('/');
    await expect(brewDay).toContainText('Brew Quince and bay ginger beer, 3 L');
    await expect(page.getByText('Working out what comes next…')).toHaveCount(0);
    const fed = page.getByTestId('action-feed').getByRole('button', { name: /^Fed Flint/ });
    if (hours < 26 && (await fed.count()) > 0) await fed.click();
  }
  await button(page, 'Lay it out').click();
  await expect(button(page, /^Water and jar: /)).toContainText('2.4 L water');
  await button(page, /^Mixed/).click();
  await expect(page.getByRole('heading', { name: 'Quince and bay ginger beer' })).toBeVisible();
  await page.goto('/plan');
  await expect(page.getByRole('link', { name: /^Quince and bay ginger beer/ })).toContainText(
    'Under way, wished cold by 13 Jun',
  );
  await page.goto('/');
  await expect(brewDay).toHaveCount(0);

  // The packet is used up by what went into the jar and the pot; what is left can be typed too.
  await page.goto('/brews/recipes');
  await button(page, /^In the house: /).click();
  const left = field(page, 'White sugar');
  await expect(left).toHaveValue(/^2\d\d g$/);
  await left.fill('1 cup');
  await left.press('Tab');
  await expect(page.getByText('An amount, such as 500 g.')).toBeVisible();
  await left.fill('1.2 kg');
  await left.press('Tab');
  await expect(page.getByText('White sugar: 1,200 g in the house.')).toBeVisible();
  await expect(left).toHaveValue('1,200 g');
});

test('what cannot be done by then says so, and what would make it fit; a wish given up is gone', async ({
  page,
}) => {
  await smallBug(page);
  await wishFor(page, 'Quince and bay ginger beer', '4', 'Bottles', '2026-06-03T12:00');
  await answered(page);
  await expect(page.getByTestId('unmet')).toContainText('It cannot be done by then with what lives here.');
  await expect(page.getByTestId('remedies')).toContainText(/days later: (about|even)/);
  await button(page, 'Give this wish up').click();
  await expect(wish(page)).toHaveCount(0);
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(wish(page)).toHaveCount(1);
});

test('a brew day that slipped is said with what it costs; what is bought stays ticked', async ({ page }) => {
  await smallBug(page);
  await wishFor(page, 'Quince and bay ginger beer', '2', 'Litres', '2026-06-12T18:00');
  await answered(page);
  await button(page, 'Take this plan').click();
  await expect(button(page, 'Taken')).toBeVisible();
  const shopping = page.getByTestId('shopping');
  const sugar = shopping.getByRole('checkbox', { name: /^White sugar/ });
  // In a shop without a net; whole packets are said beside what is needed.
  await expect(sugar).toHaveAccessibleName('White sugar 500 g, 144 g needed');
  await page.context().setOffline(true);
  await sugar.click();
  await expect(sugar).toBeChecked();
  await page.context().setOffline(false);
  // Two litres are laid out as they were planned, not as much as is usual.
  await page.goto('/');
  await button(page, 'Lay it out').click();
  await expect(button(page, /^Water and jar: /)).toContainText('1.61 L water');
  await at(page, 96);
  await page.goto('/plan');
  await answered(page);
  await expect(page.getByTestId('slipped')).toContainText(
    /^The brew day was .*, in time about .*\. Now (now|at|tomorrow).*, in time /,
  );
  await expect(button(page, 'Take this plan')).toBeEnabled();
  await expect(sugar).toBeChecked();
  await button(page, 'What can I make with what is here?').click();
  await expect(page.getByRole('checkbox', { name: 'All in the house' })).toBeChecked();
});

test('two days of slipping: what was promised for a date stands, the other is moved and says so', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await page.addInitScript(() => {
    const heard: string[] = [];
    function say(title: string, { body }: NotificationOptions = {}) {
      heard.push(`${title}: ${body}`);
    }
    Object.assign(window, { said: heard, Notification: Object.assign(say, { permission: 'granted' }) });
    ServiceWorkerRegistration.prototype.showNotification = (title, options) =>
      Promise.resolve(say(title, options));
  });
  await smallBug(page);
  await wishFor(page, 'Quince and bay ginger beer', '1', 'Litres', '2026-06-12T18:00');
  await answered(page);
  await button(page, 'Take this plan').click();
  await button(page, 'Another wish').click();
  await page.getByRole('textbox', { name: 'How much' }).fill('1');
  await page.getByRole('radio', { name: 'Litres', exact: true }).click();
  await page.getByLabel('Cold by').fill('2026-06-22T18:00');
  await button(page, 'Plan it').click();
  await expect(page.getByTestId('plan-chance')).toHaveCount(2, { timeout: 60_000 });
  const second = wish(page).nth(1);
  await second.getByRole('radio', { name: /^Later: / }).click();
  await second.getByRole('button', { name: 'Take this plan' }).click();
  await expect(button(page, 'Taken')).toHaveCount(2);
  const promised = await second.getByTestId('plan-start').innerText();
  await at(page, 48);
  await page.goto('/plan');
  await expect(page.getByTestId('plan-chance')).toHaveCount(2, { timeout: 60_000 });
  await expect(wish(page).nth(0).getByTestId('slipped')).toContainText(/^The brew day was /);
  await expect(second.getByTestId('slipped')).toHaveCount(0);
  await expect(second.getByRole('button', { name: 'Taken' })).toBeDisabled();
  await expect(second.getByTestId('plan-start')).toHaveText(promised);

  // Today, left open behind other pages: on its day the brew is said as a notification, once.
  await page.goto('/');
  await expect(page.getByTestId('brew-day')).toHaveCount(1);
  // What is not seen at once is drawn a moment later.
  await page.evaluate(
    () => new Promise((drawn) => requestIdleCallback(() => requestIdleCallback(() => drawn(null)))),
  );
  await page.evaluate(() => Object.defineProperty(document, 'hidden', { value: true }));
  await at(page, 16 * 24 + 0.5);
  const wake = () => page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  const said = () =>
    page.evaluate(() => (window as { said?: string[] }).said?.filter((each) => each.startsWith('Brew ')));
  await expect
    .poll(async () => {
      await wake();
      return said();
    })
    .toEqual([expect.stringMatching(/^Brew .*, 1 L: The brew day has come\.$/)]);
  await wake();
  expect(await said()).toHaveLength(1);
});

test('always four bottles, over three weeks: asked for again as each brew is under way', async ({ page }) => {
  test.setTimeout(240_000);
  await smallBug(page);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('radio', { name: 'Quince and bay ginger beer', exact: true }).click();
  await page.getByRole('radio', { name: 'Always cold' }).click();
  await page.getByRole('radio', { name: 'Bottles', exact: true }).click();
  await page.getByRole('textbox', { name: 'How much' }).fill('4');
  await page.getByRole('textbox', { name: 'Drunk in a week' }).fill('0');
  await expect(button(page, 'Plan it')).toBeDisabled();
  await page.getByRole('textbox', { name: 'Drunk in a week' }).fill('4');
  await button(page, 'Plan it').click();
  for (const [week, there] of [
    [0, '0 ml'],
    [1, '1.83 L'],
    [2, '3.66 L'],
  ] as const) {
    await at(page, 1 + 7 * 24 * week);
    await page.goto('/plan');
    await answered(page);
    await expect(wish(page)).toContainText(`Always cold. There or on the way: ${there}.`);
    await expect(page.getByTestId('later')).toContainText(/^After that/);
    await wish(page).getByTestId('plan-start').waitFor();
    await button(page, 'Take this plan').click();
    await expect(button(page, 'Taken')).toBeVisible();
    await page.goto(`/brews/new?recipe=quince-bay-ginger-beer@1&ml=2000`);
    await button(page, /^Mixed/).click();
    await expect(page.getByRole('heading', { name: /^Quince and bay ginger beer/ })).toBeVisible();
  }
  await page.goto('/plan');
  await expect(page.getByRole('link', { name: /^Quince and bay ginger beer/ })).toContainText('Under way');
});
