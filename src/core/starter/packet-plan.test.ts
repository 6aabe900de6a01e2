import { knownCultures } from '../cultures/registry';
import { begunAlone, dawn } from './bug.test-tool';
import { packetPlan } from './packet-plan';
import { dayMs } from '../duration';

const yeast = knownCultures('wine-yeast')!;
const packet = (grams: number) =>
  begunAlone({
    vessel: { kind: 'packet', ml: 100 },
    place: 'cupboard',
    culture: 'wine-yeast',
    portions: [{ what: 'wine-yeast', grams }],
  });
const plan = (ageDays: number, batchMl: number, grams = 5) =>
  packetPlan(packet(grams), yeast, {}, batchMl, dawn + ageDays * dayMs);

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
