import { lotOf } from '../journal/household';
import { dawn, fedBug, TestKitchen } from '../forecast/kitchen.test-tool';
import { drinkFactsOf } from './drink-facts';
import { hourMs } from '../duration';

test('what the record knows of a bottle: its hours and warm hours, its brew’s dose, its air', () => {
  const kitchen = new TestKitchen(22);
  const bug = fedBug(kitchen, -96, -1, 2);
  const brew = kitchen.brew(-2, 160);
  kitchen.draw(0, bug, brew, 150);
  const [bottle] = kitchen.bottles(48, brew, 2);
  kitchen.at(84, { kind: 'moved', lots: [bottle!], place: 'fridge' });
  const { household } = kitchen;
  const at = (id: string, hour: number) =>
    drinkFactsOf(
      lotOf(household, id)!,
      (each) => lotOf(household, each),
      household.warmths,
      30,
      dawn + hour * hourMs,
    );
  const facts = at(bottle!, 108);
  expect(facts).toMatchObject({
    bottled: true,
    celsius: 4,
    warmest: 22,
    pitchedCelsius: 22,
    pulp: false,
    preserved: false,
    packet: false,
  });
  expect(facts.hours).toBeCloseTo(60, 6);
  expect(facts.warmHours).toBeCloseTo(36, 6);
  // 480 of 500 ml.
  expect(facts.emptyShare).toBeCloseTo(0.04, 2);
  const jar = at(brew, 20);
  expect(jar).toMatchObject({ bottled: false, hours: 20, airy: false });
  // 150 ml in 1,800 ml of water, what 160 g of sugar take, and themselves; whatever left since.
  expect(jar.doseShare).toBeCloseTo(150 / (1800 + 99 + 150), 3);
  expect(facts.doseShare).toBeCloseTo(150 / (1800 + 99 + 150), 3);
});

test('a base that was never pitched has no hours', () => {
  const kitchen = new TestKitchen(22);
  const base = kitchen.brew(0, 90);
  const { household } = kitchen;
  const facts = drinkFactsOf(
    lotOf(household, base)!,
    (id) => lotOf(household, id),
    household.warmths,
    null,
    dawn + 9 * hourMs,
  );
  expect([facts.hours, facts.doseShare, facts.sugarLeft]).toEqual([null, null, null]);
});
