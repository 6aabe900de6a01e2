import { preparation } from './preparation';
import { householdOf, monday } from './plan.test-tool';
import { boughtAs } from './shop-size';
import { dayMs, hourMs } from '../duration';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, day, hour, minute).getTime();

test('bought until the evening before, water stood overnight, feeds as they are planned', () => {
  const pitchAt = at(4, 18);
  expect(
    preparation({ water: 'stood', clean: 'no-rinse' }, pitchAt, [at(3, 8), at(4, 8)], householdOf()),
  ).toEqual([
    { kind: 'buy', from: monday, until: at(3, 8) },
    { kind: 'feed', from: at(3, 8), until: at(3, 9) },
    { kind: 'stand-water', from: at(3, 18), until: at(3, 22, 30) },
    { kind: 'feed', from: at(4, 8), until: at(4, 9) },
  ]);
  expect(preparation({ water: 'boiled', clean: 'boiling' }, pitchAt, [], householdOf())).toEqual([
    { kind: 'buy', from: monday, until: at(3, 20) },
  ]);
});

test('brewed at once nothing is bought, and no water is told to stand for it', () => {
  expect(preparation({ water: 'stood', clean: 'no-rinse' }, monday, [], householdOf())).toEqual([]);
  expect(preparation({ water: 'boiled', clean: 'boiling' }, monday + hourMs, [], householdOf())).toEqual([]);
  // Tonight for tomorrow morning: bought before it is too late, which is now.
  expect(
    preparation({ water: 'boiled', clean: 'boiling' }, monday + dayMs / 2, [], householdOf())[0],
  ).toEqual({
    kind: 'buy',
    from: monday,
    until: at(1, 20) > monday ? at(1, 20) : monday,
  });
});

test('what is cleaned in vinegar is laid in it the evening before, and not where there is no night left', () => {
  const method = { water: 'boiled', clean: 'vinegar' } as const;
  // Brewed on Thursday at nine: eight hours before nobody is up, so it is done by bedtime at half past ten.
  const [, soak] = preparation(method, at(4, 9), [], householdOf());
  expect(soak).toEqual({ kind: 'soak', from: at(3, 18, 30), until: at(3, 22, 30) });
  // At six in the evening: by ten that morning.
  expect(preparation(method, at(4, 18), [], householdOf())[1]).toMatchObject({
    kind: 'soak',
    until: at(4, 10),
  });
  expect(preparation(method, monday + 7 * hourMs, [], householdOf()).map(({ kind }) => kind)).toEqual([
    'buy',
  ]);
});

test('what shops sell: whole packets of a kind, poured things by the bottle', () => {
  expect(
    [
      { what: 'white-sugar', grams: 620 },
      { what: 'white-sugar', grams: 500 },
      { what: 'ginger', grams: 101 },
      { what: 'bay-leaf', grams: 1 },
      { what: 'lemon-juice', ml: 55 },
      { what: 'pear-juice', ml: 1001 },
    ].map(boughtAs),
  ).toEqual([
    { what: 'white-sugar', grams: 1000 },
    { what: 'white-sugar', grams: 500 },
    { what: 'ginger', grams: 200 },
    { what: 'bay-leaf', grams: 20 },
    { what: 'lemon-juice', ml: 100 },
    { what: 'pear-juice', ml: 2000 },
  ]);
});
