import type { Entry } from '../journal/entry';
import { begun, pour, stamp } from '../journal/entries.test-tool';
import { dawn, TestKitchen } from '../forecast/kitchen.test-tool';
import { journalOf } from '../journal/journal';
import { habitsOf } from './habits';
import { dayMs } from '../duration';

const start = Date.UTC(2026, 5, 1, 8);

/** A batch of one bottle: mixed, filled, perhaps squeezed, opened on the fifth day and perhaps scored. */
function batch(n: number, felt: boolean, score: object = {}): Entry[] {
  const at = start + n * 10 * dayMs;
  const brew = begun(at, `b${n}`);
  const filled = pour(at + dayMs, `f${n}`, brew.id, 450);
  const lotId = `${filled.id}-1`;
  const said = { ...stamp(at + 2 * dayMs, `s${n}`), kind: 'observed', lotId, signs: { squeeze: 'firm' } };
  const opened = { ...stamp(at + 5 * dayMs, `o${n}`), kind: 'opened', lotId, how: 'lively' };
  const scored = { ...stamp(at + 5 * dayMs + 1, `t${n}`), kind: 'tasted', lotId, ...score };
  return [
    brew,
    filled,
    ...(felt ? [said as Entry] : []),
    opened as Entry,
    ...(Object.keys(score).length > 0 ? [scored as Entry] : []),
  ];
}
const of = (...batches: Entry[][]) => habitsOf(journalOf(batches.flat(), start + 400 * dayMs).household);

test('who never felt a bottle in three batches is asked for no look; one look, and it is asked for again', () => {
  expect(of(batch(0, false), batch(1, false)).neverFeels).toBe(false);
  // How a bottle opens is no look.
  expect(of(batch(0, false), batch(1, false), batch(2, false)).neverFeels).toBe(true);
  expect(of(batch(0, false), batch(1, false), batch(2, true)).neverFeels).toBe(false);
  expect(of(batch(0, true), batch(1, false), batch(2, false), batch(3, false)).neverFeels).toBe(true);
  // A bottle that is felt while its batch is under way ends the habit at once.
  const under = batch(4, true).filter(({ kind }) => kind !== 'opened');
  expect(of(batch(0, false), batch(1, false), batch(2, false), under).neverFeels).toBe(false);
});

test('sweetness is learned from sips that were liked, drawn from the plan by how many there are', () => {
  expect(of(batch(0, false)).liked).toBeNull();
  // Tasted to see how far it is: nothing is said of liking.
  expect(of(batch(0, false, { sweet: 5 })).liked).toBeNull();
  // One sip of step 2 liked best, against three of the usual: 1 of 4; step 2 is 23 g/L, to the next five.
  expect(of(batch(0, false, { sweet: 2, liking: 5 })).liked).toEqual({ sweetness: 25, share: 0.3 });
  // Who says their name and who does not are two: steps 2 and 4 in the middle, 43 g/L.
  const two = [batch(0, false, { sweet: 2, liking: 5 }), batch(1, false, { sweet: 4, liking: 5, by: 'Ida' })];
  expect(of(...two).liked!.sweetness).toBe(45);
});

test('an empty household is known nothing of', () => {
  expect(of([])).toEqual({
    liked: null,
    neverFeels: false,
    absence: { weekdays: null, weekends: null },
  });
});

test('working hours that were said are when nobody is there; no working day says nothing', () => {
  const kitchen = new TestKitchen(22);
  const work = (weekdays: readonly number[]) =>
    kitchen.at(1, {
      kind: 'kept',
      thing: 'working',
      key: 'working',
      value: { weekdays, from: 540, to: 1020 },
    });
  const absence = () => habitsOf(journalOf(kitchen.entries, dawn + 1e9).household).absence;
  work([1, 4]);
  expect(absence().said).toEqual({ days: [1, 4], span: [540, 1020] });
  kitchen.at(2, {
    kind: 'kept',
    thing: 'working',
    key: 'working',
    value: { weekdays: [], from: 540, to: 1020 },
  });
  expect(absence().said).toBeUndefined();
});
