// Drags the chill handle of the demo's bottle with real touch events under a 4× slower processor, and counts the frames that
// were drawn: `node scripts/drag-frames.mjs`, with the app built. A measurement, not a test: machines differ.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { root } from './run.mjs';

const port = 4377;
const server = spawn('node', ['--import', 'tsx', path.join(root, 'server/server.mts')], {
  env: { ...process.env, PORT: String(port), STRICT_PORT: '1' },
  stdio: 'ignore',
});
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});
try {
  await wait(3000);
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await page.goto(`http://localhost:${port}/brews?demo=1&now=2026-05-04T18:20`);
  await page
    .getByRole('link', { name: /Plum and bay/ })
    .first()
    .click();
  const handle = page.getByRole('slider', { name: 'Chill here' });
  await handle.waitFor();
  await handle.scrollIntoViewIfNeeded();
  // The demo's forecasts are worked out once, in the background; the drag is counted when they are there.
  await wait(20_000);
  const touch = await page.context().newCDPSession(page);
  for (const rate of [1, 4]) {
    await touch.send('Emulation.setCPUThrottlingRate', { rate });
    const box = await handle.boundingBox();
    const at = (x) => [{ x: box.x + box.width / 2 + x, y: box.y + box.height / 2 }];
    await page.evaluate(() => {
      window.frames = [];
      window.counting = true;
      const count = (now) => {
        window.frames.push(now);
        if (window.counting) requestAnimationFrame(count);
      };
      requestAnimationFrame(count);
    });
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
    for (let i = 1; i <= 120; i++) {
      await touch.send('Input.dispatchTouchEvent', {
        type: 'touchMove',
        touchPoints: at(Math.sin(i / 12) * 70),
      });
      await wait(16);
    }
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
    const gaps = await page.evaluate(() => {
      window.counting = false;
      return window.frames.slice(1).map((now, i) => now - window.frames[i]);
    });
    const sorted = [...gaps].sort((a, b) => a - b);
    const quantile = (share) => sorted[Math.floor(share * (sorted.length - 1))].toFixed(1);
    const seconds = gaps.reduce((sum, gap) => sum + gap, 0) / 1000;
    console.log(
      `CPU ${rate}× slower: ${(gaps.length / seconds).toFixed(1)} frames a second over ${seconds.toFixed(1)} s; a frame took ${quantile(0.5)} ms in the middle, ${quantile(0.95)} ms at the 95 % edge.`,
    );
  }
} finally {
  await browser.close();
  server.kill();
}
