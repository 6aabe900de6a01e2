import { readFile } from 'node:fs/promises';
import { expect, test } from '@playwright/test';
import { convertIcsCalendar } from 'ts-ics';
import { button, field } from './kitchen';
import { answered, smallBug, wish, wishFor } from './wishes';
import { hourMs } from '../src/core/duration.ts';

test('a busy calendar is read and planned around; the plan goes out, and another reader reads it', async ({
  page,
}) => {
  await smallBug(page);
  // Busy from nine to five on the next four days, in the maker's own zone.
  const days = [2, 3, 4, 5].map((day) =>
    [
      'BEGIN:VEVENT',
      `UID:work-${day}`,
      'DTSTAMP:20260601T000000Z',
      `DTSTART:2026060${day}T080000Z`,
      `DTEND:2026060${day}T160000Z`,
      'END:VEVENT',
    ].join('\r\n'),
  );
  const file = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//w//EN', ...days, 'END:VCALENDAR', ''].join(
    '\r\n',
  );
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByLabel('Calendar file').setInputFiles({
    name: 'work.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(file),
  });
  await expect(page.getByTestId('calendar')).toContainText('4 busy times from your calendar are kept free.');
  await wishFor(page, 'Quince and bay ginger beer', '12', 'Glasses', '2026-06-13T18:00');
  await answered(page);
  // Nothing begins within them: not the brew, and no moment it could be dragged to.
  const download = page.waitForEvent('download');
  await button(page, 'Save plan and tasks for a calendar').click();
  const text = await readFile((await (await download).path())!, 'utf8');
  const events = convertIcsCalendar(undefined, text).events!;
  expect(events.map(({ summary }) => summary)).toContain('Brew it: Quince and bay ginger beer, 3 L');
  const brew = events.find(({ summary }) => summary.startsWith('Brew it'))!.start.date;
  for (const day of [2, 3, 4, 5]) {
    const from = Date.UTC(2026, 5, day, 8);
    expect(brew.getTime() >= from - 1.5 * hourMs && brew.getTime() < Date.UTC(2026, 5, day, 16)).toBe(false);
  }
  await page.getByLabel('Calendar file').setInputFiles({
    name: 'no.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from('no calendar'),
  });
  await expect(page.getByTestId('calendar')).toContainText('This is no calendar file. Nothing was changed.');
  await expect(page.getByTestId('calendar')).toContainText('4 busy times from your calendar are kept free.');
});

test('a full fridge and a cold week stand against a plan, and room and warmth make it fit again', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await smallBug(page);
  await wishFor(page, 'Quince and bay ginger beer', '4', 'Bottles', '2026-06-13T18:00');
  await answered(page);
  const start = await page.getByTestId('plan-start').innerText();
  const chance = await page.getByTestId('plan-chance').innerText();

  await page.goto('/places');
  const room = field(page, 'Half-litre bottles that fit');
  await room.fill('3');
  await room.press('Tab');
  await expect(page.getByText('Noted: 3 bottles fit in the fridge.')).toBeVisible();
  await page.goto('/plan');
  await expect(page.getByTestId('remedies')).toContainText('With more room in the fridge: ', {
    timeout: 60_000,
  });
  await page.goto('/places');
  await room.fill('4');
  await room.press('Tab');
  await page.goto('/plan');
  await expect(page.getByTestId('plan-chance')).toHaveText(chance, { timeout: 60_000 });
  await expect(page.getByTestId('plan-start')).toHaveText(start);

  // Thirteen degrees from tomorrow on: what took days takes more of them, and the chance falls.
  await page.goto('/starters/ahead');
  const spell = page.getByTestId('spell');
  await spell.getByRole('textbox', { name: 'Degrees, °C' }).fill('13');
  await spell.getByLabel('Until').fill('2026-06-14T12:00');
  await button(page, 'Plan for it').click();
  await expect(spell.getByText(/^Counter at 13 °C/)).toBeVisible();
  await page.goto('/plan');
  await expect(page.getByTestId('unmet').or(page.getByTestId('plan-chance'))).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByTestId('plan-chance').filter({ hasText: chance })).toHaveCount(0);
  await page.goto('/starters/ahead');
  await button(page, 'Take it out').click();
  await page.goto('/plan');
  await expect(page.getByTestId('plan-chance')).toHaveText(chance, { timeout: 60_000 });
});

test('a planner that does not come is said, and asked once more', async ({ page }) => {
  await smallBug(page);
  await page.route('**/plan-worker-*.js', (route) => route.abort());
  await wishFor(page, 'Quince and bay ginger beer', '4', 'Bottles', '2026-06-13T18:00');
  await expect(wish(page)).toContainText('The way could not be worked out.');
  await page.unroute('**/plan-worker-*.js');
  await button(page, 'Try again').click();
  await answered(page);
});
