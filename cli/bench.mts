import { stepper } from './stepper.ts';
import { readdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { weighedEnsemble } from '../src/core/forecast/ensemble/ensemble.ts';
import { answerFamily } from '../src/core/forecast/answer/family-answer.ts';
import type { FamilyQuestion } from '../src/core/forecast/question/family-question.ts';
import { fermentOf } from '../src/core/ferment/scenario/ferment.ts';
import { chillTable } from '../src/core/forecast/answer/courses.ts';
import { Scenario } from '../src/core/ferment/scenario/scenario.ts';
import { buildApp } from '../server/app.ts';
import { firstWindows } from './bench/first-windows.ts';
import { plans } from './bench/plans.ts';
import { readBrew } from './bench/read-brew.ts';
import { scaleBench } from './bench/scale.ts';

// As the app does.

const scenario = (members: number, days: number) =>
  Scenario.parse({
    schema: 'yuzet.scenario/1',
    base: 'ginger-tea',
    sugars: { sucrose: 90 },
    members,
    starter: { kind: 'ginger-bug', amountPerLitre: 80 },
    stages: [{ hours: days * 24, vessel: 'sealed', celsius: 22, headspaceMl: 40 }],
  });
const ask = (members: number, days: number): FamilyQuestion => ({
  rootId: 'x',
  start: 0,
  // Long steps where nothing is fast, as the app asks.
  family: { root: { ...fermentOf(scenario(members, days)), longSteps: true }, lots: ['x'], branches: [] },
  lots: [
    {
      lotId: 'x',
      run: 0,
      wantedVolumes: 2.5,
      wantedSweetness: 60,
      limitBar: 2.8,
      sealedFromHour: 0,
      nowHour: 0,
      counterCelsius: null,
      looks: [],
      risk: null,
      waking: null,
      pouredSweetness: 60,
      lookedHour: null,
      laterHours: 0,
    },
  ],
  drawn: null,
});

/** Best of nine timings after four to warm up, ms: the machine's other work only ever adds. */
async function best(work: () => unknown): Promise<number> {
  let least = Infinity;
  for (let i = 0; i < 13; i++) {
    const start = performance.now();
    await work();
    if (i >= 4) least = Math.min(least, performance.now() - start);
  }
  return least;
}

const line = (name: string, ms: number, memberDays?: number) =>
  console.log(
    `${name.padEnd(58)} ${ms.toFixed(ms < 1 ? 3 : 1).padStart(8)} ms${memberDays ? `  ${Math.round((memberDays / ms) * 1000).toLocaleString('en')} member-days/s` : ''}`,
  );

// Everything is warmed up first, and the sizes are timed in turn, so that no size gets the cold compiler.
const sizes = [
  [500, 14],
  [250, 14],
  [500, 7],
] as const;
const least = sizes.map(() => Infinity);
for (let round = 0; round < 18; round++) {
  for (const [index, [members, days]] of sizes.entries()) {
    const asked = fermentOf(scenario(members, days));
    const start = performance.now();
    weighedEnsemble(asked, stepper);
    if (round >= 4) least[index] = Math.min(least[index]!, performance.now() - start);
  }
}
for (const [index, [members, days]] of sizes.entries()) {
  line(`Node: ensemble, ${members} members × ${days} days`, least[index]!, members * days);
}
line(
  'Node: whole answer with series and windows, 500 × 14',
  await best(() => answerFamily(ask(500, 14), stepper)),
);
const { runs } = answerFamily(ask(160, 10), stepper);
const [run] = runs;
let hour = 30;
line(
  'Node: one hour of a handle, pour (48 members) and lanes (32) from a stored run',
  await best(() => chillTable(run!, [(hour += 1)], 2.8, 150)),
);
scaleBench(line);
await inChromium();

/** The same in the built worker, spoken to as the app does (comlink's messages). */
async function inChromium() {
  const dist = new URL('../dist', import.meta.url).pathname;
  const app = await buildApp({ dist, demo: false });
  const address = await app.listen({ port: 0, host: '127.0.0.1' });
  const file = readdirSync(`${dist}/_expo/static/js/web`).find((name) =>
    /^forecast-worker-.*\.js$/.test(name),
  )!;
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage();
  await page.goto(`${address}/cautions`);
  // As text: the page knows nothing of the names a TypeScript runner adds to functions.
  const answered = (question: FamilyQuestion) =>
    page.evaluate<number>(`(async () => {
    const worker = new Worker(${JSON.stringify(`/_expo/static/js/web/${file}`)});
    const value = ${JSON.stringify(question)};
    let least = Infinity;
    for (let i = 0; i < 9; i++) {
      const start = performance.now();
      await new Promise((resolve) => {
        worker.onmessage = resolve;
        worker.postMessage({ id: 'call-' + i, type: 'APPLY', path: ['hold'], argumentList: [{ type: 'RAW', value: 'id' }, { type: 'RAW', value }, { type: 'RAW', value: value.rootId }] });
      });
      if (i > 2) least = Math.min(least, performance.now() - start);
    }
    worker.terminate();
    return least;
  })()`);
  line('Chromium worker: whole answer, runs held there, 500 × 14', await answered(ask(500, 14)), 7000);
  line('Chromium worker: a brew with three readings', await answered(readBrew()));
  line('Chromium: first windows of six lots, from the first page', await firstWindows(browser, address));
  const { one, sixth, key, first, all } = await plans(browser, address);
  line('Chromium: a wish of twelve glasses in 25 days, from the tap', one);
  line('Chromium: the sixth wish, from the tap to all six', sixth);
  line('Chromium: a key on the brew day of a wish, to the frame that shows it', key);
  line('Chromium: six wishes after a reload, the first', first);
  line('Chromium: six wishes after a reload, all', all);
  await browser.close();
  await app.close();
}
