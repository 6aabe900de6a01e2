import { dawn, TestKitchen } from '../forecast/kitchen.test-tool';
import type { StarterAnswer } from '../forecast/starter/starter-answer';
import { everyLot, type Household } from '../journal/household';
import { partOf } from '../part-of.test-tool';
import { example } from '../settings/wish';
import { firstBrewFrom } from './first-brew';
import { hourMs } from '../duration';

const bugParts = [
  { what: 'water', ml: 500 },
  { what: 'fresh-ginger', grams: 30 },
  { what: 'white-sugar', grams: 30 },
];

/** The household as it is asked; jars may be drawn from between hours 120 and 140. */
const asked = (kitchen: TestKitchen, hour: number) => askedOf(kitchen.household, hour);

function askedOf(household: Household, hour: number) {
  const answer = partOf<StarterAnswer>({ start: dawn, draw: partOf({ earliest: 120, latest: 140 }) });
  return firstBrewFrom({
    household,
    living: [...everyLot(household)],
    starterAnswer: () => answer,
    now: dawn + hour * hourMs,
  });
}

test('a jar while it may be drawn from: not before, not after', () => {
  const kitchen = new TestKitchen(22);
  const bug = kitchen.jar(0, 'ginger-bug', bugParts);
  expect([119.9, 120, 139.9, 140].map((hour) => asked(kitchen, hour)?.id ?? null)).toEqual([
    null,
    bug,
    bug,
    null,
  ]);
});

test('a packet at any time, before a jar that was begun later', () => {
  const kitchen = new TestKitchen(22);
  const packet = kitchen.jar(0, 'wine-yeast', [{ what: 'wine-yeast', grams: 5 }]);
  kitchen.jar(1, 'ginger-bug', bugParts);
  expect([1, 130, 500].map((hour) => asked(kitchen, hour)?.id)).toEqual([packet, packet, packet]);
});

test('grains are strained, not brewed from; who has brewed is not told', () => {
  const grains = new TestKitchen(22);
  grains.jar(0, 'water-kefir-grains', [
    { what: 'water', ml: 500 },
    { what: 'kefir-grains', grams: 30 },
    { what: 'cane-sugar', grams: 30 },
  ]);
  expect(asked(grains, 130)).toBeNull();
  const brewing = new TestKitchen(22);
  brewing.jar(0, 'ginger-bug', bugParts);
  expect(asked(brewing, 130)).not.toBeNull();
  brewing.brew(125, 160);
  expect(asked(brewing, 130)).toBeNull();
});

test('nor is who has a wish: its plan says when to brew', () => {
  const kitchen = new TestKitchen(22);
  kitchen.jar(0, 'ginger-bug', bugParts);
  const { household } = kitchen;
  const planned = { ...household, settings: { ...household.settings, wish: { saturday: example } } };
  expect(askedOf(household, 130)).not.toBeNull();
  expect(askedOf(planned, 130)).toBeNull();
});
