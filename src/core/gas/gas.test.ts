import fc from 'fast-check';
import { co2Solubility, co2SolubilityInWater, volumesOfMoles } from './co2-solubility';
import { potentialVolumes, primingSugar, volumesPerSugarGram } from './potential';
import { sealedBottleGas, type SealedBottle } from './sealed-bottle';
import { holdsFizz, vesselKind } from '../vessels/vessel-kinds';
import { waterVapourBar } from './water-vapour';

const bottle = (change: Partial<SealedBottle> = {}): SealedBottle => ({
  liquidMl: 480,
  headspaceMl: 20,
  celsius: 22,
  sealedAtCelsius: 22,
  sugarGramsPerLitre: 80,
  ethanolGramsPerLitre: 0,
  ...change,
});

describe('solubility of CO2', () => {
  // Absorption coefficients of CO2 in water at 1 atm, volumes at 0 °C (Handbook of Chemistry, Lange, 12th ed.).
  test.each([
    [0, 1.713],
    [5, 1.424],
    [10, 1.194],
    [15, 1.019],
    [20, 0.878],
    [25, 0.759],
    [30, 0.665],
  ])('at %d °C within 2 %% of the handbook', (celsius, volumes) => {
    const solved = volumesOfMoles(co2SolubilityInWater(celsius));
    expect(Math.abs(solved / volumes - 1)).toBeLessThan(0.02);
  });

  test('100 g/L of sugar takes about a twelfth', () => {
    const share = co2Solubility(10, 100, 0) / co2Solubility(10, 0, 0);
    expect(share).toBeGreaterThan(0.9);
    expect(share).toBeLessThan(0.93);
  });

  test('vapour pressure of water at 20 °C is 23.4 mbar', () =>
    expect(waterVapourBar(20)).toBeCloseTo(0.0234, 3));
});

describe('a sealed bottle', () => {
  test('3 volumes at 22 °C with 80 g/L and 4 % headspace: near 4 bar, a bar above the pure-gas chart', () => {
    const { gaugeBar, dissolvedVolumes } = sealedBottleGas(bottle(), 3.12);
    expect(dissolvedVolumes).toBeCloseTo(3, 1);
    expect(gaugeBar).toBeGreaterThan(3.8);
    expect(gaugeBar).toBeLessThan(4.2);
  });

  test('the same gas cold, warm and hot: about 2.1, 4.0 and 5.8 bar', () => {
    const total = 6 / 1.977;
    const at = (celsius: number) => sealedBottleGas(bottle({ celsius }), total).gaugeBar;
    expect(Math.abs(at(4) - 2.1)).toBeLessThan(0.2);
    expect(Math.abs(at(22) - 4.0)).toBeLessThan(0.1);
    expect(Math.abs(at(35) - 5.77)).toBeLessThan(0.1);
  });

  test('more headspace never raises the pressure from the same gas in a bottle as warm as it was filled; more warmth always does', () => {
    const volumes = fc.double({ min: 1.2, max: 6, noNaN: true });
    const headspace = fc.double({ min: 8, max: 200, noNaN: true });
    const celsius = fc.double({ min: 22, max: 38, noNaN: true });
    fc.assert(
      fc.property(volumes, headspace, headspace, celsius, (v, h1, h2, c) => {
        const [less, more] = [Math.min(h1, h2), Math.max(h1, h2)];
        if (more - less < 0.1) return;
        const pressure = (headspaceMl: number, warmer = 0) =>
          sealedBottleGas(bottle({ headspaceMl, celsius: c + warmer }), v).gaugeBar;
        expect(pressure(more)).toBeLessThanOrEqual(pressure(less) + 1e-9);
        expect(pressure(less, 1)).toBeGreaterThan(pressure(less));
      }),
      { seed: 11 },
    );
  });

  test('an empty bottle is a programmer’s slip', () =>
    expect(() => sealedBottleGas(bottle({ liquidMl: 0 }), 1)).toThrow(RangeError));
});

describe('what sugar could do', () => {
  test('a gram per litre makes 0.26 volumes; 100 g/L about 25', () => {
    expect(volumesPerSugarGram).toBeCloseTo(0.26, 2);
    expect(potentialVolumes(100, 0)).toBeGreaterThan(24);
    expect(potentialVolumes(100, 0)).toBeLessThan(25.5);
  });

  test('priming from a saturated base at 22 °C to 3 volumes takes 8 to 9 g/L', () => {
    const sugar = primingSugar(3, volumesOfMoles(co2SolubilityInWater(22)));
    expect(sugar).toBeGreaterThan(8);
    expect(sugar).toBeLessThan(9);
    expect(primingSugar(1, 2)).toBe(0);
  });

  test('decorative glass and jars hold no fizz', () => {
    expect(
      (['swing-top', 'plastic-soda', 'sparkling-wine', 'crown-cap'] as const).every((id) => holdsFizz(id)),
    ).toBe(true);
    expect([holdsFizz('decorative'), holdsFizz('preserving-jar')]).toEqual([false, false]);
    expect(vesselKind('swing-top').limitBar).toBe(2.8);
  });
});
