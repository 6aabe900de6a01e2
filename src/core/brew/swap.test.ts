import { amountIn, sugarIn, type Composition } from './composition';
import { juiceInstead, swapped, swapRow } from './swap';

const brew: Composition = {
  ml: 2000,
  dose: 0,
  rows: [
    { portion: { what: 'white-sugar', grams: 160 }, when: 'pot' },
    { portion: { what: 'lemon-juice', ml: 20 }, when: 'last' },
  ],
};
const swap = (what: string, equal: 'sugar' | 'sweetness') => {
  const result = swapped({ what: 'white-sugar', grams: 100 }, what, equal);
  return result.ok ? result.value : result.code;
};

test('100 g of white sugar for another, by hand', () => {
  // 99.9 g of sugar; honey is 79.5 % sugar and 1.42 g/ml: 125.7 g, 88.5 ml.
  expect(swap('honey', 'sugar')).toEqual({ what: 'honey', ml: 88.5 });
  // Honey tastes like 1.5 + 32 · 0.7 + 39 · 1.2 + 7 · 0.4 = 73.5 % of its weight: 95.7 ml.
  expect(swap('honey', 'sweetness')).toEqual({ what: 'honey', ml: 95.7 });
  expect(swap('fruit-sugar', 'sweetness')).toMatchObject({ grams: expect.closeTo(99.9 / 1.2, 0) });
  expect(swap('dextrose', 'sugar')).toMatchObject({ what: 'dextrose' });
  // Maple 66 %, 1.33 g/ml.
  expect(swap('maple-syrup', 'sugar')).toEqual({
    what: 'maple-syrup',
    ml: Number((99.9 / 0.66 / 1.33).toFixed(1)),
  });
  expect(swap('sea-salt', 'sugar')).toBe('swap.not-sweet');
  // 100 ml of honey (142 g) back into white sugar: 112.9 g of sugar, or 104.4 g of sweetness.
  const back = (equal: 'sugar' | 'sweetness') => swapped({ what: 'honey', ml: 100 }, 'white-sugar', equal);
  expect(back('sugar')).toEqual({ ok: true, value: { what: 'white-sugar', grams: 113 } });
  expect(back('sweetness')).toEqual({ ok: true, value: { what: 'white-sugar', grams: 104.5 } });
});

test('all, half, or into what is there already; the sugar stays the same', () => {
  const all = swapRow(brew, 0, 'honey', { equal: 'sugar' });
  const half = swapRow(brew, 0, 'honey', { equal: 'sugar', share: 0.5 });
  if (!all.ok || !half.ok) throw new Error('swap');
  const sugar = ({ rows }: Composition) => rows.reduce((sum, { portion }) => sum + sugarIn(portion), 0);
  expect(all.value.rows.map(({ portion }) => portion.what)).toEqual(['honey', 'lemon-juice']);
  expect(half.value.rows.map(({ portion }) => [portion.what, amountIn(portion)])).toEqual([
    ['white-sugar', 80],
    ['honey', 70.8],
    ['lemon-juice', 20],
  ]);
  expect([sugar(all.value), sugar(half.value)]).toEqual([
    expect.closeTo(sugar(brew), 0),
    expect.closeTo(sugar(brew), 0),
  ]);
  const again = swapRow(half.value, 0, 'honey', { equal: 'sugar' });
  expect(again.ok && again.value.rows.map(({ portion }) => [portion.what, amountIn(portion)])).toEqual([
    ['honey', expect.closeTo(141.6, 6)],
    ['lemon-juice', 20],
  ]);
  expect(swapRow(brew, 7, 'honey', { equal: 'sugar' })).toMatchObject({ code: 'swap.nothing' });
});

test('juice instead of part of the sugar and water', () => {
  // 500 ml of apple juice whose label says 11 g: 55 g of sugar, so 160 − 55 / 0.999 g of white sugar stay.
  const result = juiceInstead(brew, { what: 'apple-juice', ml: 500, sugar: 11 });
  if (!result.ok) throw new Error(result.code);
  expect(result.value.rows.map(({ portion }) => [portion.what, amountIn(portion)])).toEqual([
    ['white-sugar', expect.closeTo(160 - 55 / 0.999, 2)],
    ['lemon-juice', 20],
    ['apple-juice', 500],
  ]);
  const code = (composition: Composition, ml: number) => {
    const read = juiceInstead(composition, { what: 'apple-juice', ml, sugar: 11 });
    return read.ok ? 'taken' : read.code;
  };
  expect(code(brew, 1453)).toBe('taken');
  expect(code(brew, 1460)).toBe('swap.too-much-sugar');
  expect(code(brew, 2001)).toBe('swap.too-much-juice');
  expect(code({ ...brew, rows: [brew.rows[1]!] }, 100)).toBe('swap.no-sweetener');
});
