import { existsSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import type { Engine } from './engines/engine';
import { firefox } from './engines/firefox';
import { webkit } from './engines/webkit';

const first = (paths: readonly string[]) => paths.find((each) => existsSync(each));
const firefoxPath = first(['/usr/bin/firefox-esr', '/usr/bin/firefox']);
const driverPath = first(['/usr/bin/WebKitWebDriver']);
const miniBrowser = first(
  ['x86_64', 'aarch64'].flatMap((machine) =>
    ['4.1', '4.0'].map((version) => `/usr/lib/${machine}-linux-gnu/webkit2gtk-${version}/MiniBrowser`),
  ),
);

/** From an empty kitchen to a cold bottle, a reload, and out to a file and back. */
async function aLife(engine: Engine) {
  await engine.open('/');
  await engine.tap('link', 'A ginger bug that lives');
  await engine.tap('button', 'Begin it now');
  await engine.type('Name', 'Quince');
  await engine.tap('button', 'Begin');
  await engine.tap('button', /^Fed the usual/);
  await engine.sees('Fed Quince.');
  await engine.tap('button', 'Brew a soda from it');
  await engine.tap('button', /^Mixed/);
  await engine.tap('button', 'Pitch the starter');
  await engine.tap('radio', 'Mixed cold: as the room');
  await engine.tap('button', 'Pitched');
  await engine.sees('Brews / first ferment');
  await engine.tap('button', 'Bottle it');
  await engine.sees('no bottle chosen yet');
  await engine.type('How many', '2');
  await engine.tap('button', 'Mine now');
  await engine.tap('button', 'Pick the bottles that leave least over');
  await engine.tap('button', 'Bottled');
  await engine.sees(/Labels for/);
  await engine.open('/rack');
  await engine.tap('button', /of what it bears/);
  await engine.tap('button', 'Chilled');
  await engine.sees('in the fridge');
  await engine.reload();
  await engine.sees('2 closed bottles');

  await engine.open('/data');
  await engine.tap('button', 'Export the journal');
  const file = await engine.downloaded();
  await engine.tap('button', 'Forget everything');
  await engine.tap('button', /^Yes, forget/);
  await engine.sees('0 entries in this browser');
  await engine.give('Journal file', file);
  await engine.sees(/\d+ new entries of \d+ taken in/);
  await engine.open('/rack');
  await engine.sees('2 closed bottles');
}

/** Plays the story in an engine, which is left as it began: with nothing running and nothing wrong. */
async function play(begun: Promise<Engine>) {
  test.setTimeout(300_000);
  const engine = await begun;
  try {
    await aLife(engine).catch(async (error: unknown) => {
      console.log(`${engine.name}: ${await engine.text()}`);
      throw error;
    });
    expect(engine.errors()).toEqual([]);
  } finally {
    await engine.close();
  }
}

test('Firefox: from an empty kitchen to a cold bottle, a reload, and out to a file and back', async ({
  baseURL,
}) => {
  test.skip(firefoxPath === undefined, 'Firefox ESR is not installed');
  await play(firefox(firefoxPath!, baseURL!));
});

test('WebKit: from an empty kitchen to a cold bottle, a reload, and out to a file and back', async ({
  baseURL,
}) => {
  test.skip(
    driverPath === undefined || miniBrowser === undefined,
    'WebKitGTK and its driver are not installed',
  );
  await play(webkit(driverPath!, miniBrowser!, baseURL!));
});
