import { knownCultures } from '../cultures/registry';
import type { Culture, Keeping } from '../cultures/culture';
import type { Entry } from '../journal/entry';
import { lotOf } from '../journal/household';
import { journalOf } from '../journal/journal';
import { bugEntry, dawn, grainsJar, id } from '../starter/bug.test-tool';
import { factsOf } from './jar-facts';

const hour = 3_600_000;
const day = 24 * hour;
const keepingOf = (kind: string) => (knownCultures(kind) as Culture & { readonly keeping: Keeping }).keeping;
let n = 10;
const entry = (atMs: number, act: object): Entry =>
  ({ id: id((n += 1)), at: dawn + atMs, offset: 0, version: 2, ...act }) as Entry;
const added = (atMs: number, ...portions: object[]) =>
  entry(atMs, { kind: 'portions-added', lotId: id(0), portions });
const facts = (now: number, ...entries: Entry[]) => {
  const { household } = journalOf(bugEntry(entries), dawn + 90 * day);
  return factsOf(lotOf(household, id(0))!, keepingOf('ginger-bug'), household.warmths, dawn + now);
};
const white = { what: 'white-sugar', grams: 8 };
const water = { what: 'water', ml: 40 };

describe('feeds', () => {
  test('its last feed and its last stir are those before now', () => {
    const fed = [added(2 * day, white), added(3 * day, white), added(9 * day, white)];
    expect(facts(3 * day + 5 * hour, ...fed).fedHoursAgo).toBe(5);
    expect(facts(3 * day, ...fed).fedHoursAgo).toBe(0);
    const stirred = entry(4 * day, { kind: 'stirred', lots: [id(0)] });
    const later = entry(4.5 * day, { kind: 'closed', lots: [id(0)], closure: 'cloth' });
    expect(facts(5 * day, ...fed, stirred, later)).toMatchObject({ stirredHoursAgo: 24, fedHoursAgo: 48 });
    expect(facts(3.5 * day, ...fed, stirred, later).stirredHoursAgo).toBe(12);
  });

  test('its percent is that of the last feed with water in it', () => {
    expect(facts(5 * day, added(2 * day, water, white), added(3 * day, white)).sweetenerPercent).toBeCloseTo(
      20.04,
      1,
    );
    expect(facts(2 * day, added(2 * day, water, white)).sweetenerPercent).toBeCloseTo(20.04, 1);
    expect(facts(1 * day, added(2 * day, water, white)).sweetenerPercent).toBeCloseTo(5.01, 1);
  });

  test('minerals come with what holds two parts in a thousand, within a fortnight or at the beginning', () => {
    const molasses = { what: 'molasses', grams: 5 };
    const plain = facts(20 * day, added(19 * day, white)).minerals;
    expect(facts(20 * day, added(19 * day, molasses)).minerals).toBe(true);
    expect(facts(20 * day, added(19 * day, white, molasses)).minerals).toBe(true);
    expect(facts(20 * day, added(6 * day, molasses)).minerals).toBe(true);
    expect(facts(20 * day, added(5 * day, molasses)).minerals).toBe(plain);
    expect(facts(20 * day, added(19 * day, { what: 'molasses', grams: 0.001 }, white)).minerals).toBe(true);
    // White sugar and water bring none; the ginger it began with does.
    const grains = grainsJar(added(2 * day, white));
    const { household, lot } = grains;
    expect(factsOf(lot, keepingOf('water-kefir-grains'), household.warmths, dawn + 3 * day).minerals).toBe(
      false,
    );
  });

  test('grains for a gram of sugar: of the last feed, and of grains alone', () => {
    const of = (kind: string, ...entries: Entry[]) => {
      const { household, lot } = grainsJar(...entries);
      return factsOf(lot, keepingOf(kind), household.warmths, dawn + 3 * day).grainsPerSugar;
    };
    expect(of('water-kefir-grains')).toBeCloseTo(1, 2);
    expect(of('water-kefir-grains', added(2 * day, white))).toBeCloseTo(7.51, 2);
    expect(of('water-kefir-grains', added(2 * day, water))).toBeNull();
    expect(of('ginger-bug')).toBeNull();
  });
});

describe('where it stood', () => {
  const moved = (atMs: number, place: string) => entry(atMs, { kind: 'moved', lots: [id(0)], place });
  const shelf = entry(0, { kind: 'temperature-set', place: 'warm-shelf', celsius: 33 });

  test('days of a fortnight in the fridge, none before it was begun', () => {
    expect(facts(20 * day, moved(10 * day, 'fridge')).coldDays).toBe(11);
    expect(facts(40 * day, moved(10 * day, 'fridge')).coldDays).toBe(14);
    expect(facts(3 * day, moved(0, 'fridge')).coldDays).toBe(4);
    expect(facts(20 * day, moved(7 * day, 'fridge'), moved(8 * day, 'counter')).coldDays).toBe(1);
  });

  test('the warmest of ten days, and the mean since the last feed or of four days', () => {
    const warm = [shelf, moved(2 * day, 'warm-shelf'), moved(3 * day, 'counter')];
    expect(facts(12 * day, ...warm).warmest).toBe(33);
    expect(facts(14 * day, ...warm).warmest).toBe(21);
    // Every three hours of four days, both ends counted: 8 of 33 on the shelf at 33 °C, the rest at 21 °C.
    expect(facts(4 * day, ...warm).celsius).toBeCloseTo(21 + (12 * 8) / 33, 6);
    // Fed a day and a half ago: 4 of 13 looks back on the shelf.
    expect(facts(4 * day, ...warm, added(2.5 * day, white)).celsius).toBeCloseTo(21 + (12 * 4) / 13, 6);
  });
});

describe('its least level of five days', () => {
  const drawn = (atMs: number, ml: number) =>
    entry(atMs, { kind: 'transferred', from: id(0), taken: 'liquid', targets: [{ ml }] });

  test('what went is added back, what came and was added is taken off', () => {
    const begun = facts(day).leastLevel;
    expect(begun).toBe(1);
    // 330 ml of some 430 drawn, then 300 g of water put back.
    const mark = lotOf(journalOf(bugEntry(), dawn + day).household, id(0))!.markMl;
    const both = [drawn(3 * day, 330), added(3 * day + hour, { what: 'water', ml: 300 })];
    const low = (mark - 330) / mark;
    expect(facts(4 * day, ...both).leastLevel).toBeCloseTo(low, 2);
    expect(facts(8 * day, ...both).leastLevel).toBeCloseTo(low, 2);
    expect(facts(8 * day + 2 * hour, ...both).leastLevel).toBeCloseTo((mark - 30) / mark, 2);
    expect(facts(4 * day, drawn(3 * day, 200)).leastLevel).toBeCloseTo((mark - 200) / mark, 2);
    // Drawn and poured back: what came from another lot is no level of its own before.
    expect(facts(4 * day, drawn(2 * day, 100), drawn(3 * day, 100)).leastLevel).toBeCloseTo(
      (mark - 200) / mark,
      2,
    );
  });

  test('topped up above its mark it is full, not more', () => {
    expect(facts(2 * day, added(day, { what: 'water', ml: 200 })).leastLevel).toBe(1);
  });
});
