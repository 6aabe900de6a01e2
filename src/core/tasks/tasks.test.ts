import { rootOf } from '../forecast/question/family-members';
import { everyLot, lotOf } from '../journal/household';
import { isLiving } from '../lots/lineage';
import { TestKitchen, dawn, fedBug } from '../forecast/kitchen.test-tool';
import { agenda } from './agenda';
import type { Task } from './task';
import { hourMs } from '../duration';

/** What Today says of a kitchen at an hour, with every forecast at hand. */
function today(kitchen: TestKitchen, hour: number, answered = true): Task[] {
  const { household } = kitchen;
  const now = dawn + hour * hourMs;
  const families = new Map<string, ReturnType<TestKitchen['family']>>();
  const familyOf = (id: string) => {
    const root = rootOf(lotOf(household, id)!, (each) => lotOf(household, each)).id;
    if (!families.has(root)) families.set(root, kitchen.family(root, hour));
    return families.get(root)!;
  };
  return agenda({
    household,
    living: everyLot(household).filter(isLiving),
    now,
    lotAnswer: (id) => (answered ? familyOf(id).of(id) : null),
    starterAnswer: (id) => (answered ? kitchen.starter(id, hour) : null),
  });
}

describe('what needs hands', () => {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -192, -1, 2);
  const brew = kitchen.brew(-1, 160);

  test('a mixed brew waits for its starter, a jar for its feed; without forecasts nothing is guessed', () => {
    const tasks = today(kitchen, 20);
    expect(tasks.map(({ verb }) => verb).sort()).toEqual(['feed', 'pitch']);
    const feed = tasks.find(({ verb }) => verb === 'feed')!;
    expect(feed.lots[0]!.id).toBe(bug);
    expect(feed.portions.map(({ what }) => what)).toEqual(['ginger', 'white-sugar']);
    expect(feed.from).toBeLessThan(feed.until);
    expect(today(kitchen, 20, false).map(({ verb }) => verb)).toEqual(['pitch']);
  });

  test('a ferment is tasted, then its bottles are watched first, siblings together', () => {
    kitchen.draw(0, bug, brew, 160);
    expect(today(kitchen, 20).map(({ verb }) => verb)).toContain('bottle');
    const bottles = kitchen.bottles(24, brew, 4);
    const tasks = today(kitchen, 40);
    expect(tasks[0]!.verb).toBe('chill');
    expect(tasks[0]!.lots.map(({ id }) => id)).toEqual(bottles);
    expect(tasks.some(({ verb }) => verb === 'bottle')).toBe(false);
    kitchen.at(41, { kind: 'moved', lots: bottles.slice(0, 2), place: 'fridge' });
    const later = today(kitchen, 42);
    expect(later.find(({ verb }) => verb === 'chill')!.lots).toHaveLength(2);
    // Settled at one at night, which is seven in the morning: within two days of hour 48.
    const open = today(kitchen, 48).find(({ verb }) => verb === 'open')!;
    expect(open.lots).toHaveLength(2);
    // Unread and sweet, it goes on cold: opened before one in twenty is past its limit, and not two days settled at any price.
    expect(open.reason).toBe('cold-limit');
    expect(open.from).toBeLessThanOrEqual(dawn + (41 + 48 + 6) * hourMs);
    expect(open.until).toBeGreaterThan(dawn + 41 * hourMs);
    expect(open.until).toBeLessThan(dawn + (41 + 14 * 24) * hourMs);
  });

  test('mould comes before everything, and a rested jar is fed before its weeks are over', () => {
    kitchen.at(43, { kind: 'observed', lotId: bug, signs: { film: 'fuzzy' } });
    expect(today(kitchen, 44)[0]).toMatchObject({ verb: 'discard', reason: 'spoilt' });
    const cold = new TestKitchen(22);
    const rested = fedBug(cold, 0, 96);
    cold.at(97, { kind: 'moved', lots: [rested], place: 'fridge' });
    expect(today(cold, 100)).toEqual([]);
    const due = today(cold, 96 + 24 * 7 * 3 + 1)[0]!;
    expect([due.reason, due.until]).toEqual(['resting', dawn + (96 + 24 * 28) * hourMs]);
  });
});
