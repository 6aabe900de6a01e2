import { expect, test as setup } from '@playwright/test';
import { demoAt, demoState } from './kitchen';

setup('the demo is sown once, and all its answers are worked out', async ({ page }) => {
  setup.setTimeout(240_000);
  await page.goto(demoAt('/'));
  await expect(page.getByTestId(/^action-/).first()).toBeVisible();
  // First few kitchens are asked, then all: once nothing that is written changes any more, the answers are the last ones.
  const answers = () =>
    page.evaluate(
      () =>
        new Promise<string>((done) => {
          const opening = indexedDB.open('yuzet-demo-answers');
          opening.onsuccess = () => {
            const asked = opening.result.transaction('entries').objectStore('entries').getAll();
            asked.onsuccess = () => {
              opening.result.close();
              done(asked.result.map((each) => String(each).slice(0, 60)).join('\n'));
            };
          };
        }),
    );
  const seen: string[] = [];
  await expect
    .poll(
      async () => {
        seen.push(await answers());
        return seen.length > 3 && seen.at(-1) !== '' && new Set(seen.slice(-4)).size === 1;
      },
      { intervals: [3000], timeout: 200_000 },
    )
    .toBe(true);
  await page.context().storageState({ path: demoState, indexedDB: true });
});
