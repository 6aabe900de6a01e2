import { knownCultures } from '../cultures/registry';
import { journalOf } from '../journal/journal';
import { lotOf } from '../journal/household';
import type { Entry } from '../journal/entry';
import { dawn, id } from './bug.test-tool';
import { packetPlan } from './packet-plan';

const day = 86_400_000;
const yeast = knownCultures('wine-yeast')!;
const packet = (grams: number) =>
  lotOf(
    journalOf(
      [
        {
          id: id(0),
          at: dawn,
          offset: 0,
          version: 2,
          kind: 'lot-begun',
          role: 'starter',
          name: 'Y',
          vessel: { kind: 'packet', ml: 100 },
          closure: 'loose-lid',
          place: 'cupboard',
          culture: 'wine-yeast',
          portions: [{ what: 'wine-yeast', grams }],
        } as Entry,
      ],
      dawn + 9e10,
    ).household,
    id(0),
  )!;
const plan = (ageDays: number, batchMl: number, grams = 5) =>
  packetPlan(packet(grams), yeast, {}, batchMl, dawn + ageDays * day);

test('half a gram a litre of a fresh packet, in ten times its weight of water', () => {
  expect(plan(0, 4000)).toMatchObject({
    alive: 1,
    grams: 2,
    waterMl: 20,
    enough: true,
    leftGrams: expect.closeTo(5, 6),
  });
  expect(plan(0, 500)).toMatchObject({ grams: 0.3, waterMl: 10 });
});

test('twice as much of one half alive after 600 days at 20 °C', () => {
  expect(plan(600, 4000)).toMatchObject({
    alive: expect.closeTo(0.5, 3),
    grams: 4,
    waterMl: 40,
    enough: true,
  });
});

test('what is nearly dead is not made up for: three times at most, and it is said', () => {
  // A quarter is alive after 1,200 days.
  expect(plan(1200, 2000)).toMatchObject({ grams: 3, enough: false });
  expect(plan(0, 4000, 1)).toMatchObject({ grams: 1, enough: false });
});
