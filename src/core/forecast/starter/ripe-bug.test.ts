import { beginningOf } from '../../starter/beginning-run';
import { TestKitchen, dawn } from '../kitchen.test-tool';
import { lotOf } from '../../journal/household';
import { begunRipe } from '../../lots/grains';
import { gingerBug } from '../../cultures/kinds/ginger-bug';
import { hourMs } from '../../duration';
import { usualFeed } from '../../starter/feed-plan';

/** A jar begun with a bug that lives already, and one begun from ginger and sugar. */
function kitchen() {
  const kitchen = new TestKitchen(22);
  const ripe = kitchen.jar(0, 'ginger-bug', [
    { what: 'lively-bug', ml: 380 },
    { what: 'ginger', grams: 30 },
  ]);
  const spoon = kitchen.jar(0, 'ginger-bug', [
    { what: 'water', ml: 380 },
    { what: 'lively-bug', ml: 20 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ]);
  const fresh = kitchen.jar(0, 'ginger-bug', [
    { what: 'water', ml: 400 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ]);
  return { kitchen, ripe, spoon, fresh };
}

test('a bug that lives is lively at once, hungry within a day, and has no first days', () => {
  const { kitchen: k, ripe, fresh } = kitchen();
  const [lively, young] = [ripe, fresh].map((id) => k.starter(id, 1)!);
  expect(lively!.now[2]).toBeGreaterThan(0.6);
  expect(young!.now[2]).toBeLessThan(0.2);
  expect(lively!.feed.latest).toBeLessThan(26);
  const { household } = k;
  const lot = lotOf(household, ripe)!;
  expect(begunRipe(lot, gingerBug)).toBe(true);
  // It is fed ginger, not itself.
  expect(usualFeed(lot).map(({ what }) => what)).toEqual(['ginger', 'white-sugar']);
  expect(beginningOf(lot, household.warmths, dawn + hourMs)).toBeNull();
  expect(beginningOf(lotOf(household, fresh)!, household.warmths, dawn + hourMs)).not.toBeNull();
});

test('a spoon of it in fresh sugar water wakes sooner than ginger alone', () => {
  const { kitchen: k, spoon, fresh } = kitchen();
  const [seeded, alone] = [spoon, fresh].map((id) => k.starter(id, 36)!);
  expect(seeded!.now[2]).toBeGreaterThan(2 * alone!.now[2]);
  expect(begunRipe(lotOf(k.household, spoon)!, gingerBug)).toBe(false);
});
