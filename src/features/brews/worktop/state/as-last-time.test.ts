import { addPortions } from '@/core/lots/add';
import { emptyLot } from '@/core/lots/begin';
import type { Lot } from '@/core/lots/lot';
import { simmered } from '@/core/recipes/library/methods';
import { asLastTime } from './as-last-time';

const bug = addPortions(
  emptyLot('0mi81234000000ab1', 0, {
    role: 'starter',
    name: 'Nib',
    vessel: { kind: 'jar', ml: 1500 },
    closure: 'cloth',
    place: 'counter',
    culture: 'ginger-bug',
  }),
  [
    { what: 'water', ml: 600 },
    { what: 'ginger', grams: 30 },
  ],
  { at: 0, entryId: 'x' },
);
const hour = 3_600_000;

/** A brew mixed and a day later given its lemon; pitched from the jar; then more sugar. */
function brewed(): Lot {
  const mixed = addPortions(
    emptyLot('0mi81234000000ab2', 0, {
      role: 'brew',
      name: 'Medlar and bay',
      vessel: { kind: 'jar', ml: 3000 },
      closure: 'airlock',
      place: 'counter',
      recipe: {
        base: 'fruit',
        wantedVolumes: 2.3,
        method: simmered(),
        waterMl: 1700,
        from: { id: 'medlar-bay', version: 2 },
        later: [
          { when: 'last', portion: { what: 'lemon-juice', ml: 30 } },
          { when: 'infusion', portion: { what: 'sage', grams: 4 } },
        ],
      },
    }),
    [
      { what: 'water', ml: 1700 },
      { what: 'white-sugar', grams: 150, typed: '3/4 cup' },
      { what: 'medlar', grams: 300 },
    ],
    { at: 0, entryId: 'a' },
  );
  const soured = addPortions(mixed, [{ what: 'lemon-juice', ml: 25 }], { at: hour, entryId: 'b' });
  const pitched: Lot = {
    ...soured,
    events: [
      ...soured.events,
      {
        kind: 'came',
        from: bug.id,
        contents: { ...bug.contents, solids: [] },
        at: 2 * hour,
        entryId: 'c',
        index: 0,
      },
    ] as Lot['events'],
  };
  return addPortions(pitched, [{ what: 'white-sugar', grams: 9 }], { at: 30 * hour, entryId: 'd' });
}

const again = (lots: readonly Lot[] = [bug]) =>
  asLastTime(brewed(), lots, (id) => [bug].find((lot) => lot.id === id), 22)!;

test('a brew is laid out again with what it was given until it was pitched, and what was to steep in it', () => {
  const { composition, name, volumes, from, base } = again();
  expect(composition.rows).toEqual([
    { when: 'pot', portion: { what: 'white-sugar', grams: 150 } },
    { when: 'pot', portion: { what: 'medlar', grams: 300 } },
    // As it was really put in, not as it was meant.
    { when: 'last', portion: { what: 'lemon-juice', ml: 25 } },
    { when: 'infusion', portion: { what: 'sage', grams: 4 } },
  ]);
  expect({ name, volumes, from, base }).toEqual({
    name: 'Medlar and bay',
    volumes: 2.3,
    from: { id: 'medlar-bay', version: 2 },
    base: 'fruit',
  });
});

test('the same jar is taken while it lives; without one of its kind something is to be chosen', () => {
  expect(again().life).toBe(bug.id);
  expect(again().composition.dose).toBeGreaterThan(500);
  const other = { ...bug, id: '0mi81234000000ab9' };
  expect(again([other]).life).toBe(other.id);
  expect(again([]).life).toBe('portion');
  expect(again([]).composition.dose).toBe(0);
});

test('what was never pitched is not repeated', () => {
  const { events } = brewed();
  const unpitched: Lot = { ...brewed(), events: events.filter(({ kind }) => kind !== 'came') };
  expect(asLastTime(unpitched, [bug], () => undefined, 22)).toBeNull();
});
