import { expect, test } from '@playwright/test';
import { beginBug, button, field, setClock } from './kitchen';
import { Hand } from './hand';
import { hourMs } from '../src/core/duration.ts';

const begun = Date.parse('2026-09-07T08:00:00Z');

test('a brew of seven ingredients is composed in a minute, and made again with three taps', async ({
  page,
}) => {
  const hand = new Hand(page);
  await setClock(page, begun);
  await beginBug(page, 'Tansy');
  await setClock(page, begun + 6 * 24 * hourMs);
  await page.goto('/brews');

  // Water, sugar, ginger and the bug stand there; plum, bay and sage are written in one line.
  await hand.tap(button(page, 'Brew a soda'));
  await hand.tap(button(page, /^Flavour: /));
  await hand.tap(field(page, 'What goes in'));
  await hand.type('300g plum, bay, sage\n');
  const flavour = button(page, /^Flavour: /);
  await expect(flavour).toHaveAttribute(
    'aria-label',
    /60 g fresh ginger, 300 g plum, [\d.]+ g bay leaf and [\d.]+ g sage/,
  );
  await expect(button(page, /^Sweet: 160 g white sugar/)).toBeVisible();
  await expect(button(page, /^Starter: \d+ ml of Tansy/)).toBeVisible();
  await expect(field(page, 'Name')).toHaveAttribute('placeholder', 'Plum and bay');
  await hand.tap(page.getByRole('radio', { name: '1 L', exact: true }));
  await expect(button(page, /^Sweet: 80 g white sugar/)).toBeVisible();
  await hand.tap(button(page, /^Mixed/));
  await expect(page.getByRole('heading', { name: 'Plum and bay', exact: true })).toBeVisible();
  expect(hand.taps).toBeLessThanOrEqual(8);
  expect(hand.keys).toBeLessThanOrEqual(25);
  const pitched = button(page, 'Pitched');
  await button(page, 'Pitch the starter').click();
  await page.getByRole('radio', { name: 'Mixed cold: as the room' }).click();
  await pitched.click();
  await expect(page.getByText('Brews / first ferment', { exact: false })).toBeVisible();

  // As last time, three days later: what it is, how much, begin.
  await setClock(page, begun + 9 * 24 * hourMs);
  await page.goto('/brews/new');
  hand.reset();
  await hand.tap(page.getByRole('radio', { name: 'Plum and bay' }));
  await expect(button(page, /^Flavour: 30 g fresh ginger, 150 g plum/)).toBeVisible();
  await hand.tap(page.getByRole('radio', { name: '2 L', exact: true }));
  await expect(button(page, /^Flavour: 60 g fresh ginger, 300 g plum/)).toBeVisible();
  await hand.tap(button(page, 'Brew it, step by step'));
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expect(page).toHaveURL(/\/brews\/day\?brew=/);
  expect(hand.taps).toBe(3);
  expect(hand.keys).toBe(0);
});

test('a starter is begun with six taps and nothing typed', async ({ page }) => {
  const hand = new Hand(page);
  await setClock(page, begun);
  await page.goto('/starters');
  await hand.tap(button(page, /^Begin a /));
  await hand.tap(page.getByRole('radio', { name: 'Ginger bug' }));
  await hand.tap(button(page, 'Begin'));
  await expect(page.getByTestId('beginning')).toContainText('day 1');
  expect(hand.taps).toBeLessThanOrEqual(6);
  expect(hand.keys).toBe(0);
});

test('what shall I make: by what is here, what is in the house, the season, and how soon', async ({
  page,
}) => {
  await setClock(page, begun);
  await beginBug(page, 'Tansy');
  await setClock(page, begun + 6 * 24 * hourMs);
  await page.goto('/brews');
  await button(page, 'What shall I make?').click();
  const cards = page.getByRole('link').filter({ hasText: / g\/L/ });
  const plum = page.getByRole('link', { name: 'Plum and fig leaf soda' });
  await expect(plum).toContainText('With Tansy');
  await expect(plum).toContainText(/Glass about .* · in season/);
  const all = await cards.count();
  await page.getByRole('checkbox', { name: 'In season' }).click();
  await expect.poll(() => cards.count()).toBeLessThan(all);
  await page.getByRole('checkbox', { name: 'All in the house' }).click();
  await expect(page.getByText('Say what is in the house, or ask for less at once.')).toBeVisible();
  await button(page, /^In the house: /).click();
  for (const name of ['Plum', 'White sugar', 'Fig leaf', 'Lemon juice'])
    await page
      .getByRole('group', { name: 'What is in the house' })
      .getByRole('checkbox', { name, exact: true })
      .click();
  await expect(cards).toHaveCount(1);
  await expect(plum).toContainText('all in the house');
  // The house is remembered; how strong it gets is worked out.
  await page.reload();
  await expect(button(page, /^In the house: .*Plum/)).toBeVisible();
  await expect(plum).toContainText(/\d\.\d–\d\.\d % alcohol/, { timeout: 60_000 });
  await plum.click();
  await button(page, 'Lay it out on the worktop').click();
  await expect(page.getByRole('heading', { name: 'Plum and fig leaf soda' })).toBeVisible();
});
