import { expect, test } from '@playwright/test';
import { demoAt } from './kitchen';

const count = (text: string) => text.split(/\s+/).filter((word) => /[\p{L}\d]/u.test(word)).length;

test('Today is read in one breath: titles of 28 px, at most 35 words a card in the middle, no sentence over twelve', async ({
  page,
}) => {
  await page.goto(demoAt('/'));
  const cards = page.getByTestId(/^action-/);
  await expect(cards.first()).toBeVisible();
  await expect(page.getByText('A first estimate')).toHaveCount(0, { timeout: 120_000 });
  const said = await cards.evaluateAll((all) =>
    all.map((card) => {
      const title = card.querySelector('h2')!;
      const buttons = Array.from(card.querySelectorAll('[role="button"], button')).map(
        (each) => (each as HTMLElement).innerText,
      );
      return {
        text: (card as HTMLElement).innerText,
        buttons: buttons.join(' '),
        size: parseFloat(getComputedStyle(title).fontSize),
        title: title.innerText,
      };
    }),
  );
  expect(said.length).toBeGreaterThan(5);
  const words = said.map(({ text, buttons }) => count(text) - count(buttons)).sort((a, b) => a - b);
  expect(words[Math.floor(words.length / 2)]).toBeLessThanOrEqual(35);
  expect(Math.max(...words)).toBeLessThanOrEqual(42);
  for (const { size, title } of said) {
    expect([title, size]).toEqual([title, 28]);
    expect([title, count(title) <= 12]).toEqual([title, true]);
  }
  // All else is one tap down: what each result leads to, exact times, how full of pressure.
  await cards
    .first()
    .getByRole('button', { name: /^Why\?/ })
    .click();
  await expect(page.getByTestId('task-details')).toContainText(/of what the bottle bears/);
  await expect(page.getByRole('dialog').last()).toContainText('What it rests on');
});
