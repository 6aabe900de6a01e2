import { nitrogenSolubility, oxygenSolubility } from './air-solubility';
import { airShutIn, closeOn, ClosedVessel } from './closed-vessel';
import { co2SolubilityInWater } from './co2-solubility';
import { sealedBottleGas } from './sealed-bottle';
import { waterDensity } from './water-density';
import { waterVapourBar } from './water-vapour';

const R = 0.0831446;

/** Finds where a rising function reaches a value. */
function reached(of: (x: number) => number, value: number, low: number, high: number): number {
  for (let i = 0; i < 200; i++) {
    const middle = (low + high) / 2;
    if (of(middle) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * The whole system, solved anew and slowly: fugacity of CO2 by its virial coefficient, pressure on what is dissolved, a
 * liquid that swells by warmth and gas, and nitrogen and oxygen that dissolve.
 */
function wholly(
  co2: number,
  nitrogen: number,
  oxygen: number,
  ratio: number,
  celsius: number,
  filled: number,
) {
  const t = celsius + 273.15;
  const b = (-1636.75 + 12.0408 * t - 3.27957e-2 * t ** 2 + 3.16528e-5 * t ** 3) / 1000;
  const k0 = Math.exp(-58.0931 + 9050.69 / t + 22.294 * Math.log(t / 100)) / 1.01325;
  const vapour = waterVapourBar(celsius);
  const swollen = waterDensity(filled) / waterDensity(celsius) - 1;
  const airAt = (room: number) =>
    nitrogen / (nitrogenSolubility(celsius) + room / (R * t)) +
    oxygen / (oxygenSolubility(celsius) + room / (R * t));
  const stand = (bar: number) => {
    let dissolved = k0 * bar;
    let air = 1;
    let room = ratio;
    for (let i = 0; i < 200; i++) {
      room = Math.max(1e-4, ratio - swollen - 0.0323 * dissolved);
      air = airAt(room);
      const whole = bar + air + vapour;
      dissolved =
        k0 * bar * Math.exp((b * bar) / (R * t)) * Math.exp((-0.0323 * (whole - 1.01325)) / (R * t));
    }
    return { dissolved, air, whole: bar + air + vapour, moles: dissolved + (bar * room) / (R * t + b * bar) };
  };
  const bar = reached((x) => stand(x).moles, co2, 0, 60);
  return { bar, ...stand(bar) };
}

describe('a closed vessel', () => {
  const cases = [0.01, 0.02, 0.04, 0.1, 0.3].flatMap((ratio) =>
    [4, 12, 22, 30, 35].flatMap((celsius) => [1, 2, 3, 4.5].map((volumes) => ({ ratio, celsius, volumes }))),
  );

  test('stands within 1 % of the whole system of equations from 1 to 30 % headspace, to 6 bar and beyond', () => {
    const out = new ClosedVessel();
    let worst = 0;
    for (const { ratio, celsius, volumes } of cases) {
      const { nitrogen, oxygen } = airShutIn(ratio, 20);
      const co2 = (volumes * 1.977) / 44.009;
      closeOn(out, co2, nitrogen, oxygen, ratio, celsius, 20, 0, 0);
      const whole = wholly(co2, nitrogen, oxygen, ratio, celsius, 20);
      if (whole.whole > 7.2) continue;
      worst = Math.max(worst, Math.abs((out.gaugeBar + 1.01325) / whole.whole - 1));
      expect(Math.abs(out.co2Dissolved / (whole.dissolved / whole.moles) - 1)).toBeLessThan(0.005);
    }
    expect(worst).toBeLessThan(0.01);
  });

  test('a bottle shut on still water and left alone has no pressure; warmed, the little air left in it has', () => {
    const { nitrogen, oxygen } = airShutIn(0.04, 20);
    const out = new ClosedVessel();
    closeOn(out, 0, nitrogen, oxygen, 0.04, 20, 20, 0, 0);
    expect(out.gaugeBar).toBeCloseTo(0, 9);
    expect(out.room).toBeCloseTo(0.04, 9);
    closeOn(out, 0, nitrogen, oxygen, 0.04, 35, 20, 0, 0);
    // Water swells by 0.42 % from 20 to 35 °C, a tenth of the headspace.
    expect(out.room).toBeCloseTo(0.04 - 0.0042, 4);
    expect(out.airBar).toBeGreaterThan(1.08);
  });

  test('sugar makes the liquid swell more, and hold less gas', () => {
    const out = new ClosedVessel();
    closeOn(out, 0.1, 0, 0, 0.04, 40, 20, 100, 0);
    const sweet = out.room;
    closeOn(out, 0.1, 0, 0, 0.04, 40, 20, 0, 0);
    // 0.8e-3 by warmth alone; the gas it does not hold gives a little back.
    expect(out.room - sweet).toBeGreaterThan(0.0006);
    expect(out.room - sweet).toBeLessThan(0.0009);
  });

  test('constants: Sander’s for air, Weiss’ for CO2, Kell’s density', () => {
    expect(nitrogenSolubility(25)).toBeCloseTo(6.4e-4, 9);
    expect(nitrogenSolubility(5)).toBeCloseTo(6.4e-4 * Math.exp(1300 * (1 / 278.15 - 1 / 298.15)), 9);
    expect(oxygenSolubility(5)).toBeCloseTo(1.3e-3 * Math.exp(1500 * (1 / 278.15 - 1 / 298.15)), 9);
    expect([4, 20, 35].map((celsius) => waterDensity(celsius))).toEqual([
      expect.closeTo(999.97, 1),
      expect.closeTo(998.2, 1),
      expect.closeTo(994.03, 1),
    ]);
    expect(co2SolubilityInWater(20)).toBeCloseTo(0.0391, 3);
  });

  test('a bottle at 6 g/L of gas and 4 % headspace: 2.07, 4.0 and 5.8 bar at 4, 22 and 35 °C', () => {
    const bottle = {
      liquidMl: 480,
      headspaceMl: 20,
      sealedAtCelsius: 22,
      sugarGramsPerLitre: 80,
      ethanolGramsPerLitre: 0,
    };
    const at = (celsius: number) => sealedBottleGas({ ...bottle, celsius }, 6 / 1.977).gaugeBar;
    expect([at(4), at(22), at(35)]).toEqual([
      expect.closeTo(2.07, 1.9),
      expect.closeTo(4.006, 1.9),
      expect.closeTo(5.771, 1.9),
    ]);
  });
});
