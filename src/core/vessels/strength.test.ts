import { failureChance } from '../forecast/read-off/failure';
import { sealedBottleGas } from '../gas/sealed-bottle';
import { strengthOf, strengthSource, unknownWear, usedAtVolumes } from './strength';
import { bottleIds, isVesselId, jarIds } from './vessel-kinds';

const fresh = { years: 0, knocks: 0 };

test('burst pressures of bottles as new, bar: medians and spreads of the logarithm', () => {
  expect(Object.fromEntries(bottleIds.map((id) => [id, strengthOf(id, fresh)]))).toEqual({
    'swing-top': { medianBar: 16, logSpread: 0.35 },
    'plastic-soda': { medianBar: 12.5, logSpread: 0.15 },
    'crown-cap': { medianBar: 16, logSpread: 0.35 },
    'sparkling-wine': { medianBar: 28, logSpread: 0.32 },
    decorative: { medianBar: 1.6, logSpread: 0.5 },
    'preserving-jar': { medianBar: 2, logSpread: 0.45 },
  });
});

test('years and knocks weaken it: 3 % a year and 15 % a knock for glass, 7 % a knock for plastic', () => {
  // 16 · 0.97^5 = 13.740; · 0.85 = 11.679.
  expect(strengthOf('swing-top')!.medianBar).toBeCloseTo(13.74, 3);
  expect(strengthOf('swing-top', { years: 5, knocks: 1 })!.medianBar).toBeCloseTo(11.679, 3);
  // 12.5 · 0.97^2 · 0.93 = 10.938.
  expect(strengthOf('plastic-soda', { years: 2, knocks: 1 })!.medianBar).toBeCloseTo(10.938, 3);
  expect(unknownWear).toEqual({ years: 5, knocks: 0 });
});

describe('in the terms of practice: volumes that bottles are used at, with the air shut in counted', () => {
  const warm = (volumes: number) =>
    sealedBottleGas(
      {
        liquidMl: 480,
        headspaceMl: 20,
        celsius: 22,
        sealedAtCelsius: 22,
        sugarGramsPerLitre: 6,
        ethanolGramsPerLitre: 4,
      },
      volumes,
    ).gaugeBar;

  test.each([
    ['swing-top', 3, 3.5],
    ['crown-cap', 3, 3.5],
    ['sparkling-wine', 6, 7],
  ] as const)('%s', (kind, usual, most) => {
    expect(usedAtVolumes(kind)).toEqual([usual, most]);
    // Used bottles at the usual fizz: fewer than one in five thousand is lost; at the most of it fewer than one in eight hundred.
    expect(failureChance(strengthOf(kind)!, warm(usual))).toBeLessThan(1 / 5000);
    expect(failureChance(strengthOf(kind)!, warm(most))).toBeLessThan(1 / 800);
    // And nobody calls double of that safe.
    expect(failureChance(strengthOf(kind)!, 2 * warm(most))).toBeGreaterThan(1 / 40);
  });

  test('nobody fills decorative glass, preserving jars or bowls for fizz', () => {
    expect([usedAtVolumes('decorative'), usedAtVolumes('preserving-jar'), usedAtVolumes('bowl')]).toEqual([
      null,
      null,
      null,
    ]);
  });
});

test('after fifteen years use hardly weakens glass further; nonsense counts as none', () => {
  expect(strengthOf('crown-cap', { years: 40, knocks: 0 })).toEqual(
    strengthOf('crown-cap', { years: 15, knocks: 0 }),
  );
  expect(strengthOf('crown-cap', { years: -1, knocks: -1 })!.medianBar).toBe(16);
});

test('what is never closed tight has no strength; every bottle names where its figures are from', () => {
  expect([...jarIds, 'packet' as const].map((id) => strengthOf(id))).toEqual([null, null, null, null, null]);
  for (const id of bottleIds) expect(strengthSource(id)).toMatch(/^practice: /);
  expect(strengthSource('bowl')).toBe('');
  expect([isVesselId('swing-top'), isVesselId('vase'), isVesselId(3)]).toEqual([true, false, false]);
});
