import { expect, test as setup } from '@playwright/test';
import { demoAt, demoState } from './kitchen';

setup('the demo is sown once, and all its answers are worked out', async ({ page }) => {
  setup.slow();
  await page.goto(demoAt('/'));
  await expect(page.getByTestId(/^action-/).first()).toBeVisible();
  // Answers are written down as they come: once none has come for a while, all are there.
  const answers = () =>
    page.evaluate(
      () =>
        new Promise<number>((count) => {
          const opening = indexedDB.open('yuzet-demo-answers');
          opening.onsuccess = () => {
            const asked = opening.result.transaction('entries').objectStore('entries').count();
            asked.onsuccess = () => {
              opening.result.close();
              count(asked.result);
            };
          };
        }),
    );
  let before = -1;
  await expect
    .poll(
      async () => {
        const now = await answers();
        const settled = now > 0 && now === before;
        before = now;
        return settled;
      },
      { intervals: [4000], timeout: 120_000 },
    )
    .toBe(true);
  await page.context().storageState({ path: demoState, indexedDB: true });
});
