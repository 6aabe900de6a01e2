import { isIngredient } from './ingredients/registry';
import { isInSeason, isSouthern, seasonal } from './seasons';

const months = Array.from({ length: 12 }, (_, i) => i + 1);
const monthsOf = (what: string, south: boolean) => months.filter((month) => isInSeason(what, month, south));

test('a season has its months, across the new year too; the south has them half a year later', () => {
  expect(monthsOf('plum', false)).toEqual([7, 8, 9, 10]);
  expect(monthsOf('mandarin', false)).toEqual([1, 2, 11, 12]);
  expect(monthsOf('plum', true)).toEqual([1, 2, 3, 4]);
  expect(monthsOf('orange', true)).toEqual([5, 6, 7, 8, 9, 10]);
  expect(isInSeason('ginger', 3, false)).toBeNull();
});

test('everything with a season is an ingredient of the table, and is away for some of the year', () => {
  for (const what of seasonal) {
    expect([what, isIngredient(what)]).toEqual([what, true]);
    expect(monthsOf(what, false).length).toBeLessThan(12);
    expect(monthsOf(what, true)).toHaveLength(monthsOf(what, false).length);
  }
});

test.each([
  ['Australia/Hobart', true],
  ['America/Argentina/Salta', true],
  ['Pacific/Auckland', true],
  ['Europe/Lisbon', false],
  ['America/Bogota', false],
  ['UTC', false],
])('%s is southern: %s', (zone, south) => expect(isSouthern(zone)).toBe(south));
