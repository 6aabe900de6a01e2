import { expect, test } from '@playwright/test';
import { bottle } from '../src/demo/acts';
import { at, chip, household, litreOf, take } from './bottling-household';
import { button, detailsOf, sheet } from './kitchen';

test('a bottle left warm for eight days: watched, chill now, do not handle', async ({ page }) => {
  test.setTimeout(240_000);
  const { diary, bug } = household();
  const brew = litreOf(diary, bug, 29, 'Forgotten quince', 'quince');
  bottle(diary, 2, brew, { vessel: 'swing-top', count: 2, ml: 500, fill: 470, stock: 'half' });
  await take(page, diary);
  const stages: string[] = [];
  for (const hours of [2, 20, 44, 68, 92, 120, 192]) {
    await at(page, hours);
    await page.goto('/');
    const errand = page.getByTestId('action-chill');
    // Where a look decides, its rule stands in place of the shares: it is watched.
    await expect(errand).toContainText(/Glasses on if it feels hard|Ease the cap of bottle|do not handle/);
    const said = await detailsOf(page, errand);
    const stage = /^(Watched|Chill now|Do not handle|At ease)/m.exec(said)?.[1] ?? 'Watched';
    if (stages.at(-1) !== stage) stages.push(stage);
  }
  expect(stages.filter((stage) => stage !== 'At ease')).toEqual(['Watched', 'Chill now', 'Do not handle']);
  const card = page.getByTestId('action-chill');
  await expect(card).toContainText('Forgotten quince: do not handle');
  await expect(card).toContainText('Do not touch, open or carry it');
  expect(await detailsOf(page, card)).toContain('Do not touch it.');
  await expect(card.getByRole('button', { name: 'Cooled in place' })).toBeVisible();
  await expect(card.getByRole('button', { name: 'Squeezed: firm' })).toHaveCount(0);

  // On the rack it says so in words, and offers neither squeeze nor burp.
  await page.goto('/rack');
  await button(page, /Forgotten quince, bottle 1: .*likely past its limit/).click();
  await expect(sheet(page)).toContainText('Do not touch it.');
  await expect(sheet(page).getByRole('radiogroup', { name: 'Squeeze' })).toHaveCount(0);
  await expect(sheet(page).getByRole('button', { name: 'Burped' })).toHaveCount(0);
});

test('the power was out, and one was found behind the flour', async ({ page }) => {
  const { diary, bug } = household();
  const brew = litreOf(diary, bug, 129, 'Cold pear', 'pear');
  const bottles = bottle(diary, 100, brew, {
    vessel: 'swing-top',
    count: 2,
    ml: 500,
    fill: 470,
    stock: 'half',
  });
  diary.ago(76, { kind: 'moved', lots: bottles, place: 'fridge' });
  await take(page, diary);
  await page.goto('/rack');
  const first = button(page, /Cold pear, bottle 1: about/);
  const share = async () => Number(/\((\d+) percent\)/.exec((await first.getAttribute('aria-label'))!)![1]);
  await expect(first).toBeVisible();
  const before = await share();
  await button(page, 'The power was out').click();
  await page
    .getByRole('radiogroup', { name: 'How long it was out' })
    .getByRole('radio', { name: '24 h' })
    .click();
  await page
    .getByRole('radiogroup', { name: 'How warm it got' })
    .getByRole('radio', { name: '22 °C' })
    .click();
  await button(page, 'Plan for it').click();
  await expect(page.getByTestId('after-cut').first()).toContainText(
    /Cold pear, bottle 1: (at ease|watched|chill now)/,
  );
  await button(page, 'Done').click();
  await expect.poll(share).toBeGreaterThan(before + 10);

  await button(page, 'Found a forgotten bottle').click();
  await expect(sheet(page)).toContainText('Do not lift it yet.');
  await page.getByRole('radio', { name: 'Nobody wrote it down' }).click();
  await expect(page.getByTestId('found-stage')).toContainText('Treat it as past its limit.');
  await page.getByRole('radio', { name: 'Cold pear, bottle 2' }).click();
  await chip(page, 'Since when', 'Since it was filled');
  await button(page, 'Plan for it').click();
  await expect(page.getByTestId('found-stage')).toContainText(/(Watched|Chill now|Do not handle)\./, {
    timeout: 30_000,
  });
});
