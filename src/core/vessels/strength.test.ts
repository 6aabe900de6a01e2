import { strengthOf, strengthSource, unknownWear } from './strength';
import { bottleIds, isVesselId, jarIds } from './vessel-kinds';

const fresh = { years: 0, knocks: 0 };

test('burst pressures of bottles as new, bar: medians and spreads of the logarithm', () => {
  expect(Object.fromEntries(bottleIds.map((id) => [id, strengthOf(id, fresh)]))).toEqual({
    'swing-top': { medianBar: 8.5, logSpread: 0.24 },
    'plastic-soda': { medianBar: 10, logSpread: 0.2 },
    'crown-cap': { medianBar: 9, logSpread: 0.24 },
    'sparkling-wine': { medianBar: 18, logSpread: 0.24 },
    decorative: { medianBar: 1.6, logSpread: 0.5 },
    'preserving-jar': { medianBar: 2, logSpread: 0.45 },
  });
});

test('years and knocks weaken it: 3 % a year and 15 % a knock for glass, 7 % each for plastic', () => {
  // 8.5 · 0.97^5 = 7.299; · 0.85 = 6.204.
  expect(strengthOf('swing-top')!.medianBar).toBeCloseTo(7.299, 3);
  expect(strengthOf('swing-top', { years: 5, knocks: 1 })!.medianBar).toBeCloseTo(6.204, 3);
  // 10 · 0.93^2 · 0.93 = 8.044.
  expect(strengthOf('plastic-soda', { years: 2, knocks: 1 })!.medianBar).toBeCloseTo(8.044, 3);
  expect(unknownWear).toEqual({ years: 5, knocks: 0 });
});

test('after fifteen years use hardly weakens glass further; nonsense counts as none', () => {
  expect(strengthOf('crown-cap', { years: 40, knocks: 0 })).toEqual(
    strengthOf('crown-cap', { years: 15, knocks: 0 }),
  );
  expect(strengthOf('crown-cap', { years: -1, knocks: -1 })!.medianBar).toBe(9);
});

test('what is never closed tight has no strength; every bottle names where its figures are from', () => {
  expect([...jarIds, 'packet' as const].map((id) => strengthOf(id))).toEqual([null, null, null, null, null]);
  for (const id of bottleIds) expect(strengthSource(id)).toMatch(/^practice: /);
  expect(strengthSource('bowl')).toBe('');
  expect([isVesselId('swing-top'), isVesselId('vase'), isVesselId(3)]).toEqual([true, false, false]);
});
