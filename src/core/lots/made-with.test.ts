import { journalOf } from '../journal/journal';
import { lotOf } from '../journal/household';
import { TestKitchen } from '../forecast/kitchen.test-tool';
import { madeWith } from './made-with';

test('a bottle is made with its share of the brew and of the starter, and with what is its own', () => {
  const kitchen = new TestKitchen(22);
  const bug = kitchen.jar(0, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'ginger', grams: 20 },
  ]);
  const brew = kitchen.brew(24, 180, 1800);
  kitchen.draw(25, bug, brew, 100);
  const id = kitchen.at(48, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: [
      {
        begin: {
          role: 'bottle',
          name: 'a',
          vessel: { kind: 'swing-top', ml: 500 },
          closure: 'sealed',
          place: 'counter',
        },
        ml: 400,
        portions: [{ what: 'honey', grams: 4 }],
      },
    ],
  });
  const { household } = journalOf(kitchen.entries, kitchen.entries.at(-1)!.at);
  const find = (lotId: string) => lotOf(household, lotId);
  const made = Object.fromEntries(
    madeWith(find(`${id}-1`)!, find).map(({ what, grams }) => [what, grams] as const),
  );
  // The brew is 1803 ml of water and 112 ml of sugar, and 100 ml of the bug: 400 of 2015 or so, a fifth.
  expect(made['white-sugar']).toBeGreaterThan(180 * 0.19);
  expect(made['white-sugar']).toBeLessThan(180 * 0.205);
  // A fifth of what the bug gave: about a fifth of 100 ml, itself a fifth of the bug's 20 g of ginger.
  expect(made.ginger).toBeGreaterThan(0.6);
  expect(made.ginger).toBeLessThan(0.85);
  expect(made.honey).toBe(4);
  expect(Object.keys(made)[0]).toBe('water');
});
