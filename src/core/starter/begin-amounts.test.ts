import { waysToBegin } from '../cultures/guides/registry';
import { beginAmounts } from './begin-amounts';

const amounts = (id: string, jarMl: number) =>
  beginAmounts(waysToBegin.find(({ way }) => way.id === id)!.way, jarMl);

test('water as a share of the jar, the rest as shares of the water, in amounts a kitchen measures', () => {
  expect(amounts('ginger-bug', 1000)).toEqual([
    { what: 'water', ml: 600 },
    { what: 'ginger', grams: 30 },
    { what: 'white-sugar', grams: 30 },
  ]);
  // 1.95 L of water: 13.65 g of tea, 126.75 of sugar, 273 of ripe ferment.
  expect(amounts('tea-mother', 3000)).toEqual([
    { what: 'water', ml: 1950 },
    { what: 'black-tea', grams: 14 },
    { what: 'white-sugar', grams: 127 },
    { what: 'ripe-tea', ml: 270 },
  ]);
});

test('what has no water begins without: whey by its volume, a packet by its weight', () => {
  expect(amounts('whey', 700)).toEqual([{ what: 'whey', ml: 200 }]);
  expect(amounts('ale-yeast', 100)).toEqual([{ what: 'ale-yeast', grams: 11 }]);
});
