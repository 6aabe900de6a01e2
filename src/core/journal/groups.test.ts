import fc from 'fast-check';
import { byAct, groupOf } from './groups';
import { append, emptyJournal, journalOf } from './journal';
import { allValues, valueIn } from './persistent-map';
import { dawn, steps, written } from './random-journal.test-tool';
import { hourMs } from '../duration';

const later = dawn + 400 * hourMs;

test('what was written in one act comes together, whichever of it is asked for and in any order of arrival', () => {
  fc.assert(
    fc.property(steps, (list) => {
      const entries = written(list);
      const journal = journalOf(entries, later);
      const carried = [...entries]
        .reverse()
        .reduce((sum, entry) => append(sum, [entry], later), emptyJournal);
      for (const entry of entries) {
        const group = groupOf(journal, entry).map(({ id }) => id);
        const leader = entry.group ?? entry.id;
        expect(group).toEqual(
          entries.filter(({ id, group: of }) => (of ?? id) === leader).map(({ id }) => id),
        );
        expect(groupOf(carried, entry).map(({ id }) => id)).toEqual(group);
      }
      expect(byAct(entries).flat()).toHaveLength(entries.length);
    }),
    { seed: 31, numRuns: 60 },
  );
});

test('acts in the order of what came first of each; one whose first entry is not here keeps the rest', () => {
  const entries = [
    { id: 'a' },
    { id: 'b' },
    { id: 'c', group: 'a' },
    { id: 'd', group: 'x' },
    { id: 'e', group: 'x' },
  ];
  expect(byAct(entries).map((act) => act.map(({ id }) => id).join(''))).toEqual(['ac', 'b', 'de']);
});

test('an act of which the first entry never came is what is there of it', () => {
  const all = written(
    fc.sample(steps, { seed: 5, numRuns: 40 }).find((list) => written(list).some(({ group }) => group))!,
  );
  const follower = all.find(({ group }) => group)!;
  const journal = journalOf(
    all.filter(({ id }) => id !== follower.group),
    later,
  );
  expect(valueIn(journal.entries, follower.group!)).toBeUndefined();
  expect(groupOf(journal, follower)).toContain(valueIn(journal.entries, follower.id));
  expect(allValues(journal.entries)).toHaveLength(all.length - 1);
});
