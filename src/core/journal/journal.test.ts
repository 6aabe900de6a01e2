import fc from 'fast-check';
import { demoHousehold } from '../../demo/household';
import { inventory, isSound } from '../matter/contents';
import { movedBy } from '../lots/lot';
import { plus, nothing, substances, volumeOf, type Amounts } from '../matter/substances';
import { told } from './entries.test-tool';

import { everyLot, lotOf } from './household';
import { append, emptyJournal, entriesAbout, journalOf, type Journal } from './journal';
import { dawn, steps, written } from './random-journal.test-tool';
import { hourMs } from '../duration';
import { entryKinds } from './entry';

const later = dawn + 400 * hourMs;

describe('a journal carried on', () => {
  test('is the same as one rebuilt, after every entry, in any order of arrival', () => {
    fc.assert(
      fc.property(steps, fc.infiniteStream(fc.nat()), (list, shuffle) => {
        const entries = written(list);
        const arrival = entries
          .map((entry) => ({ entry, key: shuffle.next().value! }))
          .sort((a, b) => a.key - b.key)
          .map(({ entry }) => entry);
        let journal = emptyJournal;
        entries.forEach((entry, i) => {
          journal = append(journal, [entry], later);
          if (i % 7 === 6) expect(told(journal)).toEqual(told(journalOf(entries.slice(0, i + 1), later)));
        });
        expect(told(journal)).toEqual(told(journalOf(entries, later)));
        const jumbled = arrival.reduce((sum, entry) => append(sum, [entry], later), emptyJournal);
        expect(told(jumbled)).toEqual(told(journal));
      }),
      { seed: 11, numRuns: 120 },
    );
  });

  test('random journals hold every kind of entry there is, and acts that wrote several', () => {
    const seen = new Set<string>();
    let joined = 0;
    for (const list of fc.sample(steps, { seed: 11, numRuns: 120 }))
      for (const { kind, group } of written(list)) {
        seen.add(kind);
        if (group) joined += 1;
      }
    expect([...seen].sort()).toEqual([...entryKinds].sort());
    expect(joined).toBeGreaterThan(100);
  });

  test('knows each id once, however often it comes', () => {
    const entries = demoHousehold(dawn, 0);
    const journal = journalOf([...entries, ...entries], later);
    expect(journal.entries.size).toBe(entries.length);
    expect(append(journal, entries, later)).toBe(journal);
  });

  test('conserves liquid, sugars, acids and solids over any graph of transfers', () => {
    fc.assert(
      fc.property(steps, (list) => {
        // A level that was measured finds liquid, or misses some.
        const entries = written(list).filter((each) => each.kind !== 'measured' || each.quantity !== 'ml');
        const journal = journalOf(entries, later);
        const lots = everyLot(journal.household);
        let given: Amounts = nothing;
        let held: Amounts = nothing;
        let away: Amounts = nothing;
        let lost = 0;
        for (const lot of lots) {
          expect(isSound(lot.contents)).toBe(true);
          held = plus(held, inventory(lot.contents));
          lost += lot.lostMl;
          for (const event of lot.events) {
            if (event.kind === 'added') given = plus(given, inventory(movedBy(event)));
            if (
              event.kind === 'went' &&
              (event.to === null || !arrived(journal, event.to, event.entryId, event.index))
            )
              away = plus(away, inventory(event.contents));
          }
        }
        // What a cloth or a rim let go is water and whatever spilled with it: volumes close, and nothing is made.
        const [before, after] = [volumeOf(given), volumeOf(plus(held, away)) + lost];
        expect(Math.abs(before - after)).toBeLessThanOrEqual(1e-9 * Math.max(1, before));
        if (lots.every(({ lostMl }) => lostMl === 0))
          for (const key of substances)
            expect(Math.abs(given[key] - held[key] - away[key])).toBeLessThanOrEqual(
              1e-9 * Math.max(1, given[key]),
            );
        for (const key of substances)
          expect(held[key] + away[key]).toBeLessThanOrEqual(given[key] * (1 + 1e-9) + 1e-9);
      }),
      { seed: 12, numRuns: 200 },
    );
  });
});

const arrived = (journal: Journal, to: string, entryId: string, index: number) =>
  (lotOf(journal.household, to)?.events ?? []).some(
    (event) => event.kind === 'came' && event.entryId === entryId && event.index === index,
  );

describe('the invented household', () => {
  const now = Date.UTC(2026, 4, 4, 18);
  const journal = journalOf(demoHousehold(now, 120), now);
  test('has something in every state, and every jar holds what it should', () => {
    const lots = everyLot(journal.household);
    expect(new Set(lots.map(({ role }) => role))).toEqual(new Set(['starter', 'brew', 'bottle']));
    expect(new Set(lots.filter(({ role }) => role === 'starter').map(({ culture }) => culture)).size).toBe(2);
    for (const lot of lots) {
      expect(isSound(lot.contents)).toBe(true);
      expect(volumeOf(inventory(lot.contents))).toBeLessThanOrEqual(lot.vessel.ml);
    }
    expect(lots.some(({ role, opened }) => role === 'bottle' && opened)).toBe(true);
    expect(entriesAbout(journal, 'place:counter')).toHaveLength(3);
  });
});
