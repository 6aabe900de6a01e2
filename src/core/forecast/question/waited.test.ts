import { knownCultures } from '../../cultures/registry';
import { lotOf } from '../../journal/household';
import type { Warmths } from '../../kitchen/places';
import { dawn, TestKitchen } from '../kitchen.test-tool';
import { packetAlive } from './waited';
import { dayMs } from '../../duration';

const yeast = knownCultures('wine-yeast')!;
const shelf: Warmths = {};
const begun = (kitchen: TestKitchen, hour: number) =>
  kitchen.at(hour, {
    kind: 'lot-begun',
    role: 'starter',
    name: 'Packet',
    vessel: { kind: 'packet', ml: 100 },
    closure: 'loose-lid',
    place: 'cupboard',
    culture: 'wine-yeast',
    portions: [{ what: 'wine-yeast', grams: 5 }],
  });
const packet = () => {
  const kitchen = new TestKitchen(21);
  const id = begun(kitchen, 0);
  return { kitchen, id, lot: () => lotOf(kitchen.household, id)! };
};

test('half of it is alive after 600 days at 20 °C, and 0.926 after as long in the fridge', () => {
  const { lot } = packet();
  // A cupboard never spoken of stands a degree below an assumed 21 °C.
  expect(packetAlive(lot(), yeast, shelf, dawn + 600 * dayMs)).toBeCloseTo(0.5, 3);
  expect(packetAlive(lot(), yeast, shelf, dawn)).toBe(1);
  const cold = { ...lot(), firstPlace: 'fridge' as const };
  // 0.5 to the power of 2.5 to the power of −1.6: 0.5^0.2308.
  expect(packetAlive(cold, yeast, shelf, dawn + 600 * dayMs)).toBeCloseTo(0.5 ** (2.5 ** -1.6), 3);
});

test('a trial in warm water goes before its date', () => {
  const after = (foam: 'none' | 'some' | 'good') => {
    const { kitchen, id, lot } = packet();
    kitchen.at(600 * 24 - 1, { kind: 'observed', lotId: id, signs: { foam } });
    return packetAlive(lot(), yeast, shelf, dawn + 600 * dayMs);
  };
  expect([after('none'), after('some'), after('good')]).toEqual(
    [0.5 * 0.12, 0.5 * 0.7, 0.65].map((share) => expect.closeTo(share, 3)),
  );
});

test('a brew pitched from an old packet begins with what is alive of it, and later', () => {
  const sweetAfterDay = (agedDays: number) => {
    const kitchen = new TestKitchen(21);
    const id = begun(kitchen, -24 * agedDays);
    const brew = kitchen.brew(0, 160);
    kitchen.at(1, {
      kind: 'transferred',
      from: id,
      taken: 'solids',
      solid: 'wine-yeast',
      celsius: 22,
      targets: [{ lotId: brew, grams: 1 }],
    });
    const question = kitchen.question(brew, 2).family.root;
    return { question, sweet: kitchen.family(brew, 30, undefined, 60).of(brew).series.sweet[30]![2] };
  };
  const [fresh, old] = [sweetAfterDay(1), sweetAfterDay(900)];
  expect([fresh.question.culture!.id, fresh.question.amountPerLitre]).toEqual([
    'wine-yeast',
    expect.closeTo(1000 / (1803 + 160 * 0.62), 2),
  ]);
  expect(fresh.question.doseAlive).toBeCloseTo(0.999, 2);
  expect(old.question.doseAlive).toBeCloseTo(0.5 ** 1.5, 1);
  expect(old.sweet).toBeGreaterThan(fresh.sweet + 1);
});
