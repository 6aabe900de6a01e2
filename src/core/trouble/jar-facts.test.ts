import { knownCultures } from '../cultures/registry';
import type { Culture, JarCare } from '../cultures/culture';
import type { Entry } from '../journal/entry';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import { bugEntry, dawn, grainsJar, id } from '../starter/bug.test-tool';
import { factsOf } from './jar-facts';
import { dayMs, hourMs } from '../duration';

const keepingOf = (kind: string) => (knownCultures(kind) as Culture & { readonly keeping: JarCare }).keeping;
let n = 10;
const entry = (atMs: number, act: object): Entry =>
  ({ id: id((n += 1)), at: dawn + atMs, offset: 0, version: 2, ...act }) as Entry;
const added = (atMs: number, ...portions: object[]) =>
  entry(atMs, { kind: 'portions-added', lotId: id(0), portions });
const facts = (now: number, ...entries: Entry[]) => {
  const { household } = journalOf(bugEntry(entries), dawn + 90 * dayMs);
  return factsOf(lotOf(household, id(0))!, keepingOf('ginger-bug'), household.warmths, dawn + now);
};
const white = { what: 'white-sugar', grams: 8 };
const water = { what: 'water', ml: 40 };

describe('feeds', () => {
  test('its last feed and its last stir are those before now', () => {
    const fed = [added(2 * dayMs, white), added(3 * dayMs, white), added(9 * dayMs, white)];
    expect(facts(3 * dayMs + 5 * hourMs, ...fed).fedHoursAgo).toBe(5);
    expect(facts(3 * dayMs, ...fed).fedHoursAgo).toBe(0);
    const stirred = entry(4 * dayMs, { kind: 'stirred', lots: [id(0)] });
    const later = entry(4.5 * dayMs, { kind: 'closed', lots: [id(0)], closure: 'cloth' });
    expect(facts(5 * dayMs, ...fed, stirred, later)).toMatchObject({ stirredHoursAgo: 24, fedHoursAgo: 48 });
    expect(facts(3.5 * dayMs, ...fed, stirred, later).stirredHoursAgo).toBe(12);
  });

  test('its percent is that of the last feed with water in it', () => {
    expect(
      facts(5 * dayMs, added(2 * dayMs, water, white), added(3 * dayMs, white)).sweetenerPercent,
    ).toBeCloseTo(20.04, 1);
    expect(facts(2 * dayMs, added(2 * dayMs, water, white)).sweetenerPercent).toBeCloseTo(20.04, 1);
    expect(facts(1 * dayMs, added(2 * dayMs, water, white)).sweetenerPercent).toBeCloseTo(5.01, 1);
  });

  test('minerals come with what holds two parts in a thousand, within a fortnight or at the beginning', () => {
    const molasses = { what: 'molasses', grams: 5 };
    const plain = facts(20 * dayMs, added(19 * dayMs, white)).minerals;
    expect(facts(20 * dayMs, added(19 * dayMs, molasses)).minerals).toBe(true);
    expect(facts(20 * dayMs, added(19 * dayMs, white, molasses)).minerals).toBe(true);
    expect(facts(20 * dayMs, added(6 * dayMs, molasses)).minerals).toBe(true);
    expect(facts(20 * dayMs, added(5 * dayMs, molasses)).minerals).toBe(plain);
    expect(facts(20 * dayMs, added(19 * dayMs, { what: 'molasses', grams: 0.001 }, white)).minerals).toBe(
      true,
    );
    // White sugar and water bring none; the ginger it began with does.
    const grains = grainsJar(added(2 * dayMs, white));
    const { household, lot } = grains;
    expect(factsOf(lot, keepingOf('water-kefir-grains'), household.warmths, dawn + 3 * dayMs).minerals).toBe(
      false,
    );
  });

  test('grains for a gram of sugar: of the last feed, and of grains alone', () => {
    const of = (kind: string, ...entries: Entry[]) => {
      const { household, lot } = grainsJar(...entries);
      return factsOf(lot, keepingOf(kind), household.warmths, dawn + 3 * dayMs).grainsPerSugar;
    };
    expect(of('water-kefir-grains')).toBeCloseTo(1, 2);
    expect(of('water-kefir-grains', added(2 * dayMs, white))).toBeCloseTo(7.51, 2);
    expect(of('water-kefir-grains', added(2 * dayMs, water))).toBeNull();
    expect(of('ginger-bug')).toBeNull();
  });
});

describe('where it stood', () => {
  const moved = (atMs: number, place: string) => entry(atMs, { kind: 'moved', lots: [id(0)], place });
  const shelf = entry(0, { kind: 'temperature-set', place: 'warm-shelf', celsius: 33 });

  test('days of a fortnight in the fridge, none before it was begun', () => {
    expect(facts(20 * dayMs, moved(10 * dayMs, 'fridge')).coldDays).toBe(11);
    expect(facts(40 * dayMs, moved(10 * dayMs, 'fridge')).coldDays).toBe(14);
    expect(facts(3 * dayMs, moved(0, 'fridge')).coldDays).toBe(4);
    expect(facts(20 * dayMs, moved(7 * dayMs, 'fridge'), moved(8 * dayMs, 'counter')).coldDays).toBe(1);
  });

  test('the warmest of ten days, and the mean since the last feed or of four days', () => {
    const warm = [shelf, moved(2 * dayMs, 'warm-shelf'), moved(3 * dayMs, 'counter')];
    expect(facts(12 * dayMs, ...warm).warmest).toBe(33);
    expect(facts(14 * dayMs, ...warm).warmest).toBe(21);
    // Every three hours of four days, both ends counted: 8 of 33 on the shelf at 33 °C, the rest at 21 °C.
    expect(facts(4 * dayMs, ...warm).celsius).toBeCloseTo(21 + (12 * 8) / 33, 6);
    // Fed a day and a half ago: 4 of 13 looks back on the shelf.
    expect(facts(4 * dayMs, ...warm, added(2.5 * dayMs, white)).celsius).toBeCloseTo(21 + (12 * 4) / 13, 6);
  });
});

describe('its least level of five days', () => {
  const drawn = (atMs: number, ml: number) =>
    entry(atMs, { kind: 'transferred', from: id(0), taken: 'liquid', targets: [{ ml }] });

  test('what went is added back, what came and was added is taken off', () => {
    const begun = facts(dayMs).leastLevel;
    expect(begun).toBe(1);
    // 330 ml of some 430 drawn, then 300 g of water put back.
    const mark = lotOf(journalOf(bugEntry(), dawn + dayMs).household, id(0))!.markMl;
    const both = [drawn(3 * dayMs, 330), added(3 * dayMs + hourMs, { what: 'water', ml: 300 })];
    const low = (mark - 330) / mark;
    expect(facts(4 * dayMs, ...both).leastLevel).toBeCloseTo(low, 2);
    expect(facts(8 * dayMs, ...both).leastLevel).toBeCloseTo(low, 2);
    expect(facts(8 * dayMs + 2 * hourMs, ...both).leastLevel).toBeCloseTo((mark - 30) / mark, 2);
    expect(facts(4 * dayMs, drawn(3 * dayMs, 200)).leastLevel).toBeCloseTo((mark - 200) / mark, 2);
    // Drawn and poured back: what came from another lot is no level of its own before.
    expect(facts(4 * dayMs, drawn(2 * dayMs, 100), drawn(3 * dayMs, 100)).leastLevel).toBeCloseTo(
      (mark - 200) / mark,
      2,
    );
  });

  test('topped up above its mark it is full, not more', () => {
    expect(facts(2 * dayMs, added(dayMs, { what: 'water', ml: 200 })).leastLevel).toBe(1);
  });
});
