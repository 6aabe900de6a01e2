import { limitOf, strengthIn, wearOf } from './wear-of-makes';
import { stockOf } from './stock';
import { dayMs } from '../duration';

const year = 365.25 * dayMs;
const now = Date.UTC(2026, 4, 4);
const tall = {
  kind: 'swing-top',
  ml: 750,
  count: 6,
  since: now - 3.2 * year,
  knocks: 1,
  markedBar: 2,
} as const;
const old = { kind: 'crown-cap', ml: 330, count: 12, since: null, knocks: 0, markedBar: null } as const;
const household = { settings: { stock: { tall, old } } };

test('a lower mark on the make goes before its kind; a higher one does not', () => {
  const vessel = { kind: 'swing-top', ml: 750, stock: 'tall' } as const;
  expect(limitOf(vessel, household)).toBe(2);
  expect(limitOf({ ...vessel, stock: 'none' }, household)).toBe(2.8);
  expect(limitOf({ kind: 'swing-top', ml: 750 }, household)).toBe(2.8);
  expect(limitOf(vessel, { settings: { stock: { tall: { ...tall, markedBar: 9 } } } })).toBe(2.8);
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
