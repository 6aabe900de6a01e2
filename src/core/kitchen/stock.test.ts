import { cautionOf } from './caution';
import { limitOf, makeOf, stockOf, strengthIn, wearOf } from './stock';
import { dayMs } from '../duration';

const year = 365.25 * dayMs;
const now = Date.UTC(2026, 4, 4);
const tall = { kind: 'swing-top', ml: 750, count: 6, since: now - 3.2 * year, knocks: 1, markedBar: 2 };
const household = {
  kept: {
    stock: {
      tall,
      old: { kind: 'crown-cap', ml: 330, count: 12, since: null },
      vase: { kind: 'vase', ml: 500, count: 1 },
      thimble: { kind: 'jar', ml: 5, count: 1 },
    },
    choice: { caution: { is: 'usual' } },
  },
};

test('makes of bottles are read, the smallest first; what cannot be one is left out', () => {
  expect(stockOf(household)).toEqual([
    { key: 'old', kind: 'crown-cap', ml: 330, count: 12, since: null, knocks: 0, markedBar: null },
    { key: 'tall', ...tall },
  ]);
  expect(stockOf({ kept: {} })).toEqual([]);
});

test('makes of one size stand by their key; odd numbers are none', () => {
  const stock = {
    b: { kind: 'jar', ml: 500, count: 1 },
    c: { kind: 'jar', ml: 500, count: 0, knocks: -1, since: -4, markedBar: 0 },
    a: { kind: 'jar', ml: 500, count: 2, knocks: '3', since: 'May', markedBar: '2' },
    least: { kind: 'jar', ml: 20, count: 1, knocks: 0, since: 0, markedBar: 0.5 },
    less: { kind: 'jar', ml: 19.9, count: 1 },
    none: { kind: 'jar', ml: Infinity, count: 1 },
    some: { kind: 'jar', ml: 500, count: 'some' },
    fewer: { kind: 'jar', ml: 500, count: -1 },
  };
  expect(stockOf({ kept: { stock } })).toEqual([
    { key: 'least', kind: 'jar', ml: 20, count: 1, since: 0, knocks: 0, markedBar: 0.5 },
    { key: 'a', kind: 'jar', ml: 500, count: 2, since: null, knocks: 0, markedBar: null },
    { key: 'b', kind: 'jar', ml: 500, count: 1, since: null, knocks: 0, markedBar: null },
    { key: 'c', kind: 'jar', ml: 500, count: 0, since: null, knocks: 0, markedBar: null },
  ]);
  expect(makeOf({ kind: 'jar', ml: 500 }, { kept: { stock } })).toBeNull();
});

test('a lower mark on the make goes before its kind; a higher one does not', () => {
  const vessel = { kind: 'swing-top', ml: 750, stock: 'tall' } as const;
  expect(makeOf(vessel, household)?.count).toBe(6);
  expect(limitOf(vessel, household)).toBe(2);
  expect(limitOf({ ...vessel, stock: 'none' }, household)).toBe(2.8);
  expect(limitOf({ kind: 'swing-top', ml: 750 }, household)).toBe(2.8);
  expect(limitOf(vessel, { kept: { stock: { tall: { ...tall, markedBar: 9 } } } })).toBe(2.8);
});

test('wear: years to a half from when it was first used, five when nobody knows', () => {
  expect(wearOf(stockOf(household)[1]!, now)).toEqual({ years: 3, knocks: 1 });
  expect(wearOf(stockOf(household)[0]!, now)).toEqual({ years: 5, knocks: 0 });
  expect(wearOf(null, now)).toEqual({ years: 5, knocks: 0 });
  // 16 · 0.97^3 · 0.85 = 12.412.
  expect(strengthIn({ kind: 'swing-top', ml: 750, stock: 'tall' }, household, now)!.medianBar).toBeCloseTo(
    12.412,
    3,
  );
  expect(strengthIn({ kind: 'jar', ml: 1000 }, household, now)).toBeNull();
});

test('careful unless somebody chose otherwise', () => {
  expect([cautionOf({ kept: {} }), cautionOf(household)]).toEqual(['careful', 'usual']);
  expect(cautionOf({ kept: { choice: { caution: { is: 'reckless' } } } })).toBe('careful');
});
