import { dawn, TestKitchen } from '../../forecast/kitchen.test-tool';
import type { Act } from '../entry';
import { lotOf } from '../household';
import { entriesAbout, journalOf } from '../journal';
import { hourMs } from '../../duration';
import { partOf, standIn } from '../../part-of.test-tool';

/** A bug and a bottle, one act on the bottle at hour 2 (and one at hour 3), and what the bottle is then. */
function after(act: (lots: { bug: string; bottle: string }) => Act, then?: typeof act) {
  const kitchen = new TestKitchen(22);
  const bug = kitchen.jar(0, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'white-sugar', grams: 30 },
  ]);
  const [bottle] = kitchen.bottles(1, bug, 1) as [string];
  const id = kitchen.at(2, act({ bug, bottle }));
  const second = then ? kitchen.at(3, then({ bug, bottle })) : null;
  const journal = journalOf(kitchen.entries, dawn + 10 * hourMs);
  const lot = lotOf(journal.household, bottle)!;
  const said = (subject: string) => entriesAbout(journal, subject).map((entry) => entry.id);
  const stamp = { at: dawn + 2 * hourMs, entryId: id };
  return { id, second, lot, journal, said, stamp, bug, bottle, last: lot.events.at(-1) };
}

describe('what an entry does to its lot', () => {
  test.each([
    ['closed', { closure: 'airlock' }],
    ['moved', { place: 'cool' }],
    ['stirred', {}],
    ['vented', { long: true }],
  ] as const)('%s: an event, and the lot so', (kind, more) => {
    const { lot, last, stamp, said, id, bottle, bug } = after(
      (lots) => ({ kind, lots: [lots.bottle], ...more }) as Act,
    );
    expect(last).toEqual({ ...stamp, kind, ...more });
    if (kind !== 'vented') expect(lot).toMatchObject(more);
    expect([said(bottle).includes(id), said(bug).includes(id)]).toEqual([true, false]);
  });

  test('seen: a reading for each sign, by whom if it is said', () => {
    const { last, stamp } = after(({ bottle }) => ({
      kind: 'observed',
      lotId: bottle,
      signs: partOf({ squeeze: 'gives', sediment: 'some', hiss: undefined }),
      by: 'ida',
    }));
    expect(last).toEqual({
      ...stamp,
      kind: 'read',
      by: 'ida',
      readings: [
        { kind: 'squeeze', value: 'gives' },
        { kind: 'sediment', value: 'some' },
      ],
    });
  });

  test('tasted: a reading for each score that was given', () => {
    const { last, stamp, said, bottle, id } = after((lots) => ({
      kind: 'tasted',
      lotId: lots.bottle,
      sweet: 4,
      off: 1,
      liking: 5,
    }));
    expect(last).toMatchObject({ ...stamp, kind: 'read' });
    const { readings } = standIn<{ readings: { kind: string; value: number }[] }>(last);
    expect(Object.fromEntries(readings.map(({ kind, value }) => [kind, value]))).toEqual({
      sweet: 4,
      off: 1,
      liking: 5,
    });
    expect(said(bottle)).toContain(id);
  });

  test.each([
    ['still', 'none'],
    ['gentle', 'faint'],
    ['lively', 'good'],
    ['gusher', 'violent'],
  ] as const)('opened %s: a %s hiss, the first taste, and open once for all', (how, hiss) => {
    const { lot, stamp } = after(
      ({ bottle }) => ({ kind: 'opened', lotId: bottle, how, sweet: 3 }),
      ({ bottle }) => ({ kind: 'opened', lotId: bottle, how: 'still', sour: 2 }),
    );
    expect(lot.opened).toEqual({ ...stamp, how });
    expect(lot.events.slice(-2)).toEqual([
      {
        ...stamp,
        kind: 'read',
        by: undefined,
        readings: [
          { kind: 'hiss', value: hiss },
          { kind: 'sweet', value: 3 },
        ],
      },
      { ...stamp, kind: 'opened', how },
    ]);
  });

  test('ended: how and why, and by the first who said so', () => {
    const { lot, stamp } = after(
      ({ bottle }) => ({ kind: 'ended', lots: [bottle], how: 'drunk', why: 'With Ida' }),
      ({ bottle }) => ({ kind: 'ended', lots: [bottle], how: 'discarded', why: '' }),
    );
    expect(lot.ended).toEqual({ ...stamp, how: 'drunk', why: 'With Ida' });
  });

  test('a step: done or skipped, when, beside those before', () => {
    const { lot, said, bottle, id } = after(
      (lots) => ({ kind: 'step-taken', lotId: lots.bottle, step: 'strain', done: true }),
      (lots) => ({ kind: 'step-taken', lotId: lots.bottle, step: 'label', done: false }),
    );
    expect(lot.steps).toEqual({
      strain: { done: true, at: dawn + 2 * hourMs },
      label: { done: false, at: dawn + 3 * hourMs },
    });
    expect(said(bottle)).toContain(id);
  });

  test('schools stand with the lot and in the household', () => {
    const value = { feeds: 'daily', cover: 'cloth' };
    const { lot, journal, bottle, said, id } = after((lots) => ({
      kind: 'kept',
      thing: 'school',
      key: lots.bottle,
      value,
    }));
    expect(lot.schools).toEqual(value);
    expect(journal.household.settings.school?.[bottle]).toEqual(value);
    expect([said(bottle).includes(id), said(`kept:school:${bottle}`)]).toEqual([true, [id]]);
    const gone = after(
      (lots) => ({ kind: 'kept', thing: 'school', key: lots.bottle, value }),
      (lots) => ({ kind: 'kept', thing: 'school', key: lots.bottle, value: null }),
    );
    expect(gone.lot.schools).toEqual({});
  });

  test('a person stands in the household and concerns no lot', () => {
    const { journal, said, bottle, id, lot } = after(() => ({
      kind: 'kept',
      thing: 'person',
      key: 'ida',
      value: { name: 'Ida', stopsAt: null },
    }));
    expect(journal.household.settings.person).toEqual({ ida: { name: 'Ida', stopsAt: null } });
    expect([said('kept:person:ida'), said(bottle).includes(id), said('ida')]).toEqual([[id], false, []]);
    expect(lot.schools).toBeUndefined();
  });

  test('a note and a picture stand in the ledger and change nothing', () => {
    const plain = after(({ bottle }) => ({ kind: 'noted', lotId: bottle, text: 'Clear.' }));
    const pictured = after(({ bottle }) => ({ kind: 'pictured', lotId: bottle, sha256: 'a'.repeat(64) }));
    for (const { said, bottle, id, last } of [plain, pictured]) {
      expect(said(bottle)).toContain(id);
      expect(last!.entryId).not.toBe(id);
    }
    const ofKitchen = after(() => ({ kind: 'noted', lotId: null, text: 'Rain.' }));
    expect(ofKitchen.said(ofKitchen.bottle)).not.toContain(ofKitchen.id);
  });

  test('temperatures lie in order of their hours, with the swing if there is one', () => {
    const kitchen = new TestKitchen(22);
    kitchen.at(9, { kind: 'temperature-set', place: 'counter', celsius: 25, swing: 2 });
    kitchen.at(4, { kind: 'temperature-set', place: 'counter', celsius: 18 });
    const { warmths } = journalOf(kitchen.entries, dawn + 10 * hourMs).household;
    expect(warmths.counter).toEqual([
      { at: dawn - hourMs, celsius: 22 },
      { at: dawn + 4 * hourMs, celsius: 18 },
      { at: dawn + 9 * hourMs, celsius: 25, swing: 2, offset: 0 },
    ]);
  });
});
