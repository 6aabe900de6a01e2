import type { VesselId } from '../../vessels/vessel-kinds';
import { lotOf } from '../../journal/household';
import { dawn, TestKitchen } from '../kitchen.test-tool';
import { journalOf } from '../../journal/journal';
import { familyQuestion } from './family-question';
import { squeezedFor } from './pilot';
import { hourMs } from '../../duration';

/** A batch in the bottles named, some moved, at the hour asked. */
function batch(kinds: readonly VesselId[], cold: readonly number[] = []) {
  const told = new TestKitchen(22);
  const bug = told.jar(-60, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'ginger', grams: 20 },
    { what: 'white-sugar', grams: 20 },
  ]);
  const brew = told.brew(0, 150);
  told.draw(1, bug, brew, 100);
  const id = told.at(24, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: kinds.map((kind, i) => ({
      begin: {
        role: 'bottle',
        name: String(i + 1),
        vessel: { kind, ml: 500 },
        closure: 'sealed',
        place: 'counter',
      },
      ml: 300,
    })),
  });
  for (const n of cold) told.at(30, { kind: 'moved', lots: [`${id}-${n}`], place: 'fridge' });
  const { household } = journalOf(told.entries, dawn + 40 * hourMs);
  const find = (lotId: string) => lotOf(household, lotId);
  const asked = familyQuestion({
    root: find(brew)!,
    find,
    warmths: household.warmths,
    now: dawn + 40 * hourMs,
    household,
    learned: () => null,
  })!;
  const looks = (n: number) => asked.lots.find(({ lotId }) => lotId === `${id}-${n}`)!.looks;
  return { squeezed: (n: number) => squeezedFor(find(`${id}-${n}`)!, find)?.name ?? null, looks };
}

test('a soft bottle is squeezed itself, and for the glass of its batch', () => {
  const { squeezed, looks } = batch(['swing-top', 'plastic-soda', 'crown-cap']);
  expect([1, 2, 3].map(squeezed)).toEqual(['2', '2', '2']);
  expect([1, 2, 3].map(looks)).toEqual([['squeeze'], ['squeeze'], ['squeeze']]);
});

test('glass without a soft one beside it is never squeezed: a cap is eased', () => {
  const { squeezed, looks } = batch(['swing-top', 'crown-cap']);
  expect([1, 2].map(squeezed)).toEqual([null, null]);
  expect([1, 2].map(looks)).toEqual([['hiss'], ['hiss']]);
});

test('a pilot in the fridge says nothing of glass in the warm', () => {
  const { squeezed, looks } = batch(['swing-top', 'plastic-soda'], [2]);
  expect([1, 2].map(squeezed)).toEqual([null, '2']);
  expect(looks(1)).toEqual(['hiss']);
});
