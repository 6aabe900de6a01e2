import { expect, type Page } from '@playwright/test';
import { writeBackup } from '../src/core/formats/write-backup';
import { beginBug, feed, mix, pitch } from '../src/demo/acts';
import { Diary } from '../src/demo/diary';
import { setClock } from './kitchen';
import { hourMs } from '../src/core/duration.ts';

const begun = Date.parse('2026-05-04T18:20:00+01:00');
/** Sets the page's clock so many hours after the household stands there. */
export const at = (page: Page, hours: number) => setClock(page, begun + hours * hourMs);

/** A household with a lively bug, bottles in the cupboard and somebody to taste. */
export function household(): { diary: Diary; bug: string } {
  const diary = new Diary(begun, 60);
  diary.ago(400, { kind: 'temperature-set', place: 'counter', celsius: 22 });
  const makes = {
    tall: { kind: 'swing-top', ml: 750, count: 2 },
    half: { kind: 'swing-top', ml: 500, count: 4 },
    small: { kind: 'crown-cap', ml: 330, count: 6 },
    soft: { kind: 'plastic-soda', ml: 500, count: 2 },
    preserving: { kind: 'preserving-jar', ml: 1000, count: 3 },
  } as const;
  for (const [key, make] of Object.entries(makes))
    diary.ago(300, {
      kind: 'kept',
      thing: 'stock',
      key,
      value: { ...make, since: null, knocks: 0, markedBar: null },
    });
  for (const [key, name] of [
    ['mira', 'Mira'],
    ['tor', 'Tor'],
  ] as const)
    diary.ago(299, { kind: 'kept', thing: 'person', key, value: { name, stopsAt: 45 } });
  const bug = beginBug(diary, 240, 'Thistle', 1000, 620, 30, 30);
  for (let day = 9; day >= 2; day--) feed(diary, bug, day * 24 + 2, 18, 0);
  return { diary, bug };
}

/** A first ferment of some 2.6 litres, pitched 26 hours ago. */
export function firstFerment(): { diary: Diary; brew: string } {
  const { diary, bug } = household();
  const brew = mix(diary, 27, {
    name: 'Gooseberry and bay',
    base: 'ginger-tea',
    water: 2300,
    sugar: 205,
    with: [
      ['gooseberry', 90],
      ['bay', 2],
    ],
    starter: bug,
    dose: 210,
    fizz: 2.4,
  });
  pitch(diary, 26, bug, brew, 210, 24);
  return { diary, brew };
}

/** Nearly a litre with some fruit in it, pitched so many hours ago. */
export function litreOf(diary: Diary, bug: string, hoursAgo: number, name: string, fruit: string): string {
  const asked = {
    name,
    base: 'ginger-tea',
    water: 900,
    sugar: 88,
    starter: bug,
    dose: 80,
    fizz: 2.4,
  } as const;
  const brew = mix(diary, hoursAgo + 1, { ...asked, with: [[fruit, 60]] });
  pitch(diary, hoursAgo, bug, brew, 80, 24);
  return brew;
}

/** Brings a household in as a file. */
export async function take(page: Page, { entries }: Diary) {
  await at(page, 0);
  await page.goto('/data');
  await page.getByLabel('Journal file').setInputFiles({
    name: 'kitchen.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeBackup(entries, new Date(begun).toISOString())),
  });
  await expect(page.getByTestId('data-said')).toContainText(`${entries.length} new entries`);
}

export const chip = (page: Page, group: string, name: string) =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name, exact: true }).click();
