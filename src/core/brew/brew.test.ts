import fc from 'fast-check';
import { bottlingSweetness } from './wanted-sweetness';
import { fillPlan, usualHeadspaceMl } from './fill-plan';
import { pitchCheck } from './pitch-check';
import { sugarAccount, sugarRemark, waterFor } from './sugar-account';

describe('a brew on paper', () => {
  test('100 g of sugar in a litre of water is 94 g/L', () => {
    expect(sugarAccount({ waterMl: 1000, sugarGrams: 100, doseMl: 0 }).totalGramsPerLitre).toBeCloseTo(94, 0);
  });

  test('water is worked out so that the jar holds what was wanted', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 500, max: 8000 }),
        fc.integer({ min: 20, max: 120 }),
        fc.integer({ min: 3, max: 12 }),
        (batchMl, perLitre, percent) => {
          const sugarGrams = (batchMl / 1000) * perLitre;
          const doseMl = (batchMl * percent) / 100;
          const water = waterFor(batchMl, sugarGrams, doseMl);
          if (!water.ok) throw new Error(water.sentence);
          expect(
            Math.abs(sugarAccount({ waterMl: water.value, sugarGrams, doseMl }).batchMl - batchMl),
          ).toBeLessThan(1);
        },
      ),
      { seed: 4 },
    );
    expect(waterFor(500, 700, 100)).toMatchObject({ code: 'brew.no-room' });
  });

  test('the starter’s own sugar and share are in the account', () => {
    const account = sugarAccount({ waterMl: 900, sugarGrams: 90, doseMl: 80 });
    expect(account.starterGramsPerLitre).toBeGreaterThan(0.8);
    expect(account.addedGramsPerLitre + account.starterGramsPerLitre).toBeCloseTo(
      account.totalGramsPerLitre,
      6,
    );
    expect(account.doseShare).toBeCloseTo(80 / account.batchMl, 9);
    expect([sugarRemark(40), sugarRemark(85), sugarRemark(130)].map(Boolean)).toEqual([true, false, true]);
    expect(bottlingSweetness({ account, wantedVolumes: 2.5 })).toBeLessThan(account.totalGramsPerLitre);
  });

  test('pitching is warned above 30 °C and refused above 40 °C', () => {
    expect(pitchCheck(24)).toEqual({ ok: true, value: { warn: undefined } });
    expect(pitchCheck(33)).toMatchObject({ ok: true, value: { warn: expect.stringContaining('stresses') } });
    expect(pitchCheck(41)).toMatchObject({
      ok: false,
      code: 'pitch.too-hot',
      sentence: expect.stringContaining('kills'),
    });
  });

  test('bottles are filled whole, the rest is said', () => {
    expect(fillPlan(2000, 500, 20)).toEqual({ bottles: 4, leftMl: 80 });
    expect(usualHeadspaceMl(750)).toBe(30);
  });
});
