// Drags the chill handle of the demo's bottle with real touch events under a 4× slower processor, and counts the frames that
// were drawn: `node scripts/drag-frames.mjs`, with the app built. Before and after each drag a bare page gets the same touches:
// when it loses frames, the machine has no time, and the drag is set aside and said to be. A measurement, not a test.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { root } from './run.mjs';

const port = 4377;
const rounds = 5;
const mostRounds = 20;
/** Of 120 frames the bare page may lose one. */
const steady = 59.5;
const server = spawn('node', ['--import', 'tsx', path.join(root, 'server/server.mts')], {
  env: { ...process.env, PORT: String(port), STRICT_PORT: '1' },
  stdio: 'ignore',
});
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const quantile = (values, share) =>
  [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))];
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox'],
});

/** A page that is about to be dragged on, and the middle of what is held. */
async function opened(url, find) {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 }, hasTouch: true });
  await page.goto(url);
  const handle = await find(page);
  const box = await handle.boundingBox();
  const touch = await page.context().newCDPSession(page);
  await touch.send('Performance.enable');
  return { page, touch, x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** Drags to and fro for 120 moves; frames a second, the time of each frame, and what the main thread did in it. */
async function dragged({ page, touch, x, y }, rate) {
  await page.bringToFront();
  await touch.send('Emulation.setCPUThrottlingRate', { rate });
  const spent = async () => {
    const { metrics } = await touch.send('Performance.getMetrics');
    return Object.fromEntries(metrics.map(({ name, value }) => [name, value * 1000]));
  };
  const at = (dx) => [{ x: x + dx, y }];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(0) });
  await page.evaluate(() => {
    window.frames = [];
    window.counting = true;
    const count = (now) => {
      window.frames.push(now);
      if (window.counting) requestAnimationFrame(count);
    };
    requestAnimationFrame(count);
  });
  const before = await spent();
  for (let i = 1; i <= 120; i++) {
    // A phone sends its touches by the frame, whether or not the page has kept up.
    void touch.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: at(Math.sin(i / 12) * 70),
    });
    await wait(16.7);
  }
  const after = await spent();
  const gaps = await page.evaluate(() => {
    window.counting = false;
    return window.frames.slice(1).map((now, i) => now - window.frames[i]);
  });
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await touch.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  const perFrame = (name) => (after[name] - before[name]) / gaps.length;
  return {
    perSecond: (gaps.length / gaps.reduce((sum, gap) => sum + gap, 0)) * 1000,
    edge: quantile(gaps, 0.95),
    script: perFrame('ScriptDuration'),
    layout: perFrame('LayoutDuration') + perFrame('RecalcStyleDuration'),
    all: perFrame('TaskDuration'),
  };
}

try {
  await wait(3000);
  const bottle = await opened(`http://localhost:${port}/brews?demo=1&now=2026-05-04T18:20`, async (page) => {
    await page
      .getByRole('link', { name: /Plum and bay/ })
      .first()
      .tap();
    const handle = page.getByRole('slider', { name: 'Chill here' });
    await handle.waitFor();
    await handle.scrollIntoViewIfNeeded();
    // The demo's forecasts are worked out once, in the background; the drag is counted when they are there.
    await wait(20_000);
    return handle;
  });
  const bare = await opened('data:text/html,<p style="width:9em;height:9em">A bare page</p>', (page) =>
    page.locator('p').elementHandle(),
  );
  for (const rate of [1, 4]) {
    const [drag, aside, nothing] = [[], [], []];
    let before = await dragged(bare, rate);
    while (drag.length < rounds && drag.length + aside.length < mostRounds) {
      const run = await dragged(bottle, rate);
      const after = await dragged(bare, rate);
      const quiet = Math.min(before.perSecond, after.perSecond) > steady - 0.1;
      (quiet ? drag : aside).push(run);
      if (quiet) nothing.push(after);
      before = after;
    }
    const say = (name, runs) => {
      const of = (key) => runs.map((run) => run[key]);
      const middle = (key) => quantile(of(key), 0.5).toFixed(1);
      console.log(
        `CPU ${rate}× slower, ${name}: ${middle('perSecond')} frames a second in the middle of ${runs.length} drags (${Math.min(...of('perSecond')).toFixed(1)} to ${Math.max(...of('perSecond')).toFixed(1)}), 95 % of the frames within ${middle('edge')} ms; of each ${middle('script')} ms script, ${middle('layout')} style and layout, ${middle('all')} in all.`,
      );
    };
    if (drag.length > 0) {
      say('bare page', nothing);
      say('chill handle', drag);
    }
    if (aside.length > 0) say('chill handle, set aside since the bare page lost frames too', aside);
  }
} finally {
  await browser.close();
  server.kill();
}
