import type { Browser } from '@playwright/test';
import { format } from 'date-fns';
import { sixLots, takeIn } from './first-windows.ts';
import { dayMs } from '../../src/core/duration.ts';

/** Milliseconds until so many wishes have their way: from a tap, or from the page's start where nothing was tapped. */
const until = (wishes: number) => `new Promise((done) => {
  const start = globalThis.tappedAt ?? 0;
  (function look() {
    if (document.querySelectorAll('[data-testid=plan-chance], [data-testid=unmet]').length >= ${wishes})
      done(performance.now() - start);
    else setTimeout(look, 4);
  })();
})`;

/** Milliseconds from a key on the brew day's axis until the next frame shows the moment it moved to; the median of twelve. */
const dragged = `(async () => {
  const axis = document.querySelector('[role=slider]');
  axis.focus();
  const took = [];
  const isFirstHalf = axis.ariaValueNow < axis.ariaValueMax / 2;
  for (let i = 0; i < 12; i++) {
    const before = axis.getAttribute('aria-valuetext');
    const start = performance.now();
    axis.dispatchEvent(new KeyboardEvent('keydown', { key: i < 6 === isFirstHalf ? 'ArrowRight' : 'ArrowLeft', bubbles: true }));
    while (axis.getAttribute('aria-valuetext') === before) await new Promise(requestAnimationFrame);
    took.push(performance.now() - start);
  }
  return took.sort((a, b) => a - b)[6];
})()`;

const quietMs = 4000;

/** What a maker waits for on Plan, ms: one wish of twelve glasses in 25 days, the last of six, a key on the axis, six after a reload. */
export async function plans(browser: Browser, address: string) {
  const page = await browser.newPage();
  await page.addInitScript(
    `addEventListener('click', () => (globalThis.tappedAt = performance.now()), true)`,
  );
  await takeIn(page, address, sixLots(Date.now()));
  await page.goto(`${address}/plan`);
  const taps: number[] = [];
  let key = 0;
  for (let wishes = 1; wishes <= 6; wishes++) {
    if (wishes > 1) await page.getByRole('button', { name: 'Another wish' }).click();
    // Who wishes reads the form meanwhile.
    await page
      .getByLabel('Cold by')
      .fill(format(Date.now() + (28 - 3 * wishes) * dayMs, "yyyy-MM-dd'T'18:00"));
    await page.waitForTimeout(quietMs);
    await page.getByRole('button', { name: 'Plan it' }).click();
    taps.push(await page.evaluate<number>(until(wishes)));
    if (wishes > 1) continue;
    await page.getByRole('button', { name: /Another day/ }).click();
    await page.waitForTimeout(quietMs);
    key = await page.evaluate<number>(dragged);
  }
  await page.waitForTimeout(quietMs);
  await page.reload();
  const first = await page.evaluate<number>(until(1));
  const all = await page.evaluate<number>(until(6));
  await page.close();
  return { one: taps[0]!, sixth: taps[5]!, key, first, all };
}
