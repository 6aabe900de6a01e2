import { preparation } from './preparation';
import { householdOf, monday } from './plan.test-tool';
import { boughtAs } from './shop-size';
import { dayMs, hourMs } from '../duration';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, day, hour, minute).getTime();

test('bought until the evening before, water stood overnight, feeds as they are planned', () => {
  const pitchAt = at(4, 18);
  expect(preparation({ water: 'stood' }, pitchAt, [at(3, 8), at(4, 8)], householdOf())).toEqual([
    { kind: 'buy', from: monday, until: at(3, 8) },
    { kind: 'feed', from: at(3, 8), until: at(3, 9) },
    { kind: 'stand-water', from: at(3, 18), until: at(3, 22, 30) },
    { kind: 'feed', from: at(4, 8), until: at(4, 9) },
  ]);
  expect(preparation({ water: 'boiled' }, pitchAt, [], householdOf())).toEqual([
    { kind: 'buy', from: monday, until: at(3, 20) },
  ]);
});

test('brewed at once nothing is bought, and no water is told to stand for it', () => {
  expect(preparation({ water: 'stood' }, monday, [], householdOf())).toEqual([]);
  expect(preparation({ water: 'boiled' }, monday + hourMs, [], householdOf())).toEqual([]);
  // Tonight for tomorrow morning: bought before it is too late, which is now.
  expect(preparation({ water: 'boiled' }, monday + dayMs / 2, [], householdOf())[0]).toEqual({
    kind: 'buy',
    from: monday,
    until: at(1, 20) > monday ? at(1, 20) : monday,
  });
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
