import { dawn, TestKitchen } from '../forecast/kitchen.test-tool';
import { journalOf } from '../journal/journal';
import type { Portion } from '../matter/portion';
import { missingOf, pantryLeft } from './pantry-left';
import { hourMs } from '../duration';

const said = (told: TestKitchen, key: string, value: object | null, hour = 0) =>
  told.at(hour, { kind: 'kept', thing: 'pantry', key, value });
const left = (told: TestKitchen) => pantryLeft(journalOf(told.entries, dawn + 100 * hourMs).household);

test('what was said less what went into jars since; what was there before counts not', () => {
  const told = new TestKitchen(22);
  const bug = told.jar(-240, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'white-sugar', grams: 90 },
  ]);
  said(told, 'white-sugar', { grams: 500, since: dawn });
  said(told, 'honey', { ml: 200, since: dawn });
  said(told, 'ginger', {});
  const feed = (hour: number, portions: readonly Portion[]) =>
    told.at(hour, { kind: 'portions-added', lotId: bug, portions });
  feed(5, [
    { what: 'white-sugar', grams: 30 },
    { what: 'ginger', grams: 30 },
  ]);
  // Weighed honey of 1.42 g/ml.
  feed(29, [{ what: 'honey', grams: 71 }]);
  const then = left(told);
  expect(then.get('white-sugar')).toEqual({ what: 'white-sugar', grams: 470 });
  expect(then.get('honey')!.ml).toBeCloseTo(150, 1);
  expect(then.get('ginger')).toBeNull();
  // Said anew it is counted from then on; what is used up is gone.
  said(told, 'white-sugar', { grams: 40, since: dawn + 30 * hourMs }, 30);
  expect(left(told).get('white-sugar')).toEqual({ what: 'white-sugar', grams: 40 });
  feed(53, [{ what: 'white-sugar', grams: 40 }]);
  expect(left(told).has('white-sugar')).toBe(false);
  said(told, 'ginger', null, 54);
  expect([...left(told).keys()]).toEqual(['honey']);
});

test('what is missing is the rest; nothing where nobody said how much', () => {
  const needed = { what: 'white-sugar', grams: 300 };
  const there = (grams: number | null) =>
    new Map([['white-sugar', grams === null ? null : { what: 'white-sugar', grams }]]);
  expect(missingOf(needed, there(200))).toEqual({ what: 'white-sugar', grams: 100 });
  expect(missingOf(needed, there(300))).toBeNull();
  expect(missingOf(needed, there(null))).toBeNull();
  expect(missingOf(needed, new Map())).toEqual(needed);
});
