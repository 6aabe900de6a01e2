import type { Act, Entry, EntryOf } from './entry';
import { nextId } from './instant-id';
import { admit, aheadMs, append, emptyJournal, journalOf, journalInSteps } from './journal';
import { amendedBy, corrected, byTime, inTimeOrder, undoneBy } from './effective';

/** An id written at an instant, the n-th of its millisecond. */
const idAt = (ms: number, n = 0) =>
  `${ms.toString(36).padStart(9, '0')}${n.toString(36).padStart(4, '0')}abcd`;
const entry = (id: string, at: number, act: Act): Entry =>
  ({ ...act, id, at, offset: 0, version: 2 }) as Entry;
const rain = (id: string, at: number) => entry(id, at, { kind: 'noted', lotId: null, text: 'Rain.' });
const t = 1_770_000_000_000;

describe('the order in which entries count', () => {
  const jar = idAt(t + 5000);
  const stirred = (id: string, at: number) => entry(id, at, { kind: 'stirred', lots: [jar] });
  const names = (entries: readonly Entry[]) => inTimeOrder(entries).map(({ id }) => id);

  test('by the instant they tell, then by their writing', () => {
    const [early, late, other] = [
      rain(idAt(t, 1), t + 10),
      rain(idAt(t, 2), t + 10),
      rain(idAt(t, 3), t + 9),
    ];
    expect(names([late, early, other])).toEqual([other.id, early.id, late.id]);
    expect(names([early, other, late])).toEqual([other.id, early.id, late.id]);
    expect(byTime(early, late)).toBe(-1);
    expect(byTime(late, early)).toBe(1);
    expect(byTime(early, early)).toBe(0);
    expect(byTime(early, other)).toBe(1);
    expect(byTime(other, late)).toBe(-1);
  });

  test('never before the jar they speak of was written, when the clock was set back between', () => {
    const said = stirred(idAt(t + 6000), t + 1000);
    expect(names([said, rain(idAt(t, 1), t + 4999), rain(idAt(t, 2), t + 5001)])).toEqual([
      idAt(t, 1),
      said.id,
      idAt(t, 2),
    ]);
    // Written before its jar, as another device may, it counts from its own writing.
    const before = stirred(idAt(t + 4500), t + 1000);
    expect(byTime(before, rain(idAt(t, 1), t + 4499))).toBe(1);
    expect(byTime(before, rain(idAt(t, 1), t + 4501))).toBe(-1);
    // Said to happen later it does.
    expect(byTime(stirred(idAt(t + 6000), t + 9000), rain(idAt(t, 1), t + 8999))).toBe(1);
  });

  test('a lot that is begun by the entry itself may have begun long before; things of the household too', () => {
    const begun = entry(idAt(t + 6000), t + 1000, {
      kind: 'lot-begun',
      role: 'brew',
      name: 'Quince',
      vessel: { kind: 'jar', ml: 2000 },
      closure: 'cloth',
      place: 'counter',
      portions: [],
    });
    const kept = entry(idAt(t + 6000), t + 1000, {
      kind: 'kept',
      thing: 'recipe',
      key: 'quince-and-sage',
      value: null,
    });
    for (const each of [begun, kept]) {
      expect(byTime(each, rain(idAt(t, 1), t + 999))).toBe(1);
      expect(byTime(each, rain(idAt(t, 1), t + 1001))).toBe(-1);
    }
  });
});

describe('what stands', () => {
  const undone = (n: number, targetId: string) =>
    entry(idAt(t, n), t, { kind: 'undone', targetId }) as EntryOf<'undone'>;

  test('an undoing strikes, its undoing gives back, and so on, in any order', () => {
    const note = idAt(t, 1);
    const [first, second, third] = [undone(2, note), undone(3, idAt(t, 2)), undone(4, idAt(t, 3))] as const;
    const struck = (...all: EntryOf<'undone'>[]) => [...undoneBy(all)].sort();
    expect(struck(first)).toEqual([note]);
    expect(struck(first, second)).toEqual([first.id]);
    expect(struck(second, first)).toEqual([first.id]);
    expect(struck(third, first, second)).toEqual([note, second.id]);
    // Nothing undoes what is written after it, or itself.
    expect(struck(undone(5, idAt(t, 6)), undone(7, idAt(t, 7)))).toEqual([]);
  });

  test('of corrections the latest written wins; id, kind and version stay', () => {
    const note = rain(idAt(t, 1), t);
    const amended = (n: number, patch: object) =>
      entry(idAt(t, n), t, { kind: 'amended', targetId: note.id, patch } as Act) as EntryOf<'amended'>;
    const [one, two] = [amended(2, { text: 'Hail.', at: t - 5 }), amended(3, { text: 'Snow.', id: 'x', kind: 'y', version: 1 })]; // prettier-ignore
    const then = { ...note, text: 'Snow.', at: t - 5 };
    expect(amendedBy(note, [one, two])).toEqual(then);
    expect(amendedBy(note, [two, one])).toEqual(then);
    expect(amendedBy(note, [])).toEqual(note);
    // One that leaves no entry counts for nothing, whatever stands before and after it.
    const bent = amended(4, { text: '', lotId: 7 });
    expect(corrected(note, [amended(5, { at: t - 9 }), bent, amended(2, { text: 'Hail.' })])).toEqual({
      ...note,
      text: 'Hail.',
      at: t - 9,
    });
  });

  test('ids count on within a millisecond, and take the next one when all are used', () => {
    const most = 36 ** 4 - 1;
    expect(nextId({ ms: t, count: 3 }, t - 50, 'abcd').clock).toEqual({ ms: t, count: 4 });
    expect(nextId({ ms: t, count: most - 1 }, t, 'abcd')).toEqual({
      id: `${t.toString(36).padStart(9, '0')}zzzzabcd`,
      clock: { ms: t, count: most },
    });
    expect(nextId({ ms: t, count: most }, t, 'abcd').clock).toEqual({ ms: t + 1, count: 0 });
    expect(nextId({ ms: t, count: most }, t + 9, 'abcd').clock).toEqual({ ms: t + 9, count: 0 });
    expect(nextId({ ms: t, count: 3 }, t + 1, 'abcd').clock).toEqual({ ms: t + 1, count: 0 });
  });
});

describe('a day ahead', () => {
  const warm = (n: number, at: number) =>
    entry(idAt(t, n), at, { kind: 'temperature-set', place: 'counter', celsius: 20 + n });
  const [edge, beyond] = [warm(1, t + aheadMs), warm(2, t + aheadMs + 1)];

  test('counts up to 26 hours ahead, and not a millisecond more, until it is due', () => {
    const both = [journalOf([edge, beyond], t), append(emptyJournal, [edge, beyond], t)];
    for (const journal of both) {
      expect(journal.ahead.map(({ id }) => id)).toEqual([beyond.id]);
      expect(journal.household.warmths.counter).toEqual([{ at: t + aheadMs, celsius: 21 }]);
      const due = admit(journal, t + 1);
      expect(due.ahead).toEqual([]);
      expect(due.household.warmths.counter).toEqual([
        { at: t + aheadMs, celsius: 21 },
        { at: t + aheadMs + 1, celsius: 22 },
      ]);
    }
  });

  test('is corrected into the day, and out of it', () => {
    const into = entry(idAt(t, 3), t, { kind: 'amended', targetId: beyond.id, patch: { at: t } } as Act);
    const outOf = entry(idAt(t, 4), t, { kind: 'amended', targetId: edge.id, patch: { at: t + 9 * aheadMs } } as Act); // prettier-ignore
    const moved = append(append(emptyJournal, [edge, beyond], t), [into, outOf], t);
    expect(moved.ahead.map(({ id, at }) => [id, at])).toEqual([[edge.id, t + 9 * aheadMs]]);
    expect(moved.household.warmths.counter).toEqual([{ at: t, celsius: 22 }]);
  });

  test('a long journal is told in steps, a thousand entries a step', () => {
    const many = Array.from({ length: 2500 }, (_, n) => rain(idAt(t, n), t + n));
    const steps = [...journalInSteps(many, t + 5000)];
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
    const telling = steps.filter((share) => share > 0.1 && share < 0.9);
    expect(telling).toEqual([0.1 + (0.8 * 999) / 2500, 0.1 + (0.8 * 1999) / 2500]);
  });
});
