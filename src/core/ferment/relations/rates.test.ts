import { Conditions } from '../state/conditions';
import { eat } from '../step/eat';
import { hungerOf, weather } from '../step/weather';
import { slots } from '../state/state';

type Slot = Exclude<keyof typeof slots, 'prototype'>;
const conditions = (more: Partial<Conditions> = {}) => Object.assign(new Conditions(), more);

describe('rates at one moment, worked out on paper', () => {
  const state = (parts: Partial<Record<Slot, number>>) => {
    const y = new Float64Array(slots.STATE_SIZE);
    for (const [slot, value] of Object.entries(parts)) y[slots[slot as Slot]] = value;
    return y;
  };
  /** What changes an hour, over a step so short that it is the rate itself, or over a longer one. */
  const ratesOf = (y: Float64Array, more: Partial<Conditions> = {}, step = 1e-5) => {
    const c = conditions({ yeastCapacity: 1, lacticCapacity: 0.5, ...more });
    const after = y.slice();
    eat(after, c, step);
    weather(after, c, after[slots.CO2]! - y[slots.CO2]!, step);
    return (slot: Slot) => (after[slots[slot]]! - y[slots[slot]]!) / step;
  };
  /** Glycerol takes 3.5 % of what is burnt; two alcohol to one gas share the carbon left. */
  const burntShare = 1 - (0.035 * ((3 * 12.011) / 92.094)) / ((6 * 12.011) / 180.156);

  test('yeast on glucose: growth, gas, alcohol and glycerol', () => {
    // 60 g/L glucose, 0.25 g/L cells of which 9/10 are ready; no gas yet. Pull 1 + 60/0.6 = 101.
    const of = ratesOf(state({ GLUCOSE: 60, YEAST: 0.25, YEAST_READY: 9 }), {
      vigour: 1.2,
      yeastHeat: 0.5,
      yeastEase: 0.8,
    });
    const pace = 1.2 * 0.5 * 0.8 * 0.9 * 0.25;
    const onGlucose = 100 / 101;
    const growing = 0.3 * (1 - 0.25 / 1);
    const eaten = (growing / 0.12 + 1.05) * pace * onGlucose;
    expect(of('GLUCOSE')).toBeCloseTo(-eaten, 5);
    expect(of('YEAST')).toBeCloseTo(growing * pace * onGlucose, 5);
    const burnt = eaten - of('YEAST') * (12.011 / 24.626 / ((6 * 12.011) / 180.156));
    expect(of('GLYCEROL')).toBeCloseTo(0.035 * burnt, 6);
    expect(of('CO2')).toBeCloseTo((burnt * burntShare * 2 * 44.009) / 180.156, 5);
    expect(of('ETHANOL')).toBeCloseTo((burnt * burntShare * 2 * 46.069) / 180.156, 5);
    expect([of('SUCROSE'), of('FRUCTOSE'), of('LACTICS'), of('LACTIC'), of('ACETIC')]).toEqual([
      expect.closeTo(0),
      expect.closeTo(0),
      expect.closeTo(0),
      expect.closeTo(0),
      0,
    ]);
    expect(of('YEAST_READY')).toBeCloseTo(9 * (1 - 0.09) * 0.3 * 0.5 * 1.2, 5);
  });

  test('three sugars compete by their halves: 0.6, 1.2 and 4 g/L', () => {
    const of = ratesOf(state({ GLUCOSE: 6, FRUCTOSE: 6, SUCROSE: 8, YEAST: 0.2, YEAST_READY: 100 }));
    const pull = 1 + 10 + 5 + 2;
    const taking = ((0.3 * 0.8) / 0.12 + 1.05) * 0.2 * (100 / 101);
    const splitting = (6 * 0.2 * 8) / (8.6 + 8);
    const perSucrose = (2 * 180.156) / 342.297;
    const direct = (taking * 2) / pull / perSucrose;
    expect(of('SUCROSE')).toBeCloseTo(-(splitting + direct), 5);
    expect(of('GLUCOSE')).toBeCloseTo((splitting * perSucrose) / 2 - (taking * 10) / pull, 5);
    expect(of('FRUCTOSE')).toBeCloseTo((splitting * perSucrose) / 2 - (taking * 5) / pull, 5);
  });

  test('gas slows growth by half at 12 g/L dissolved, the upkeep by half at 45', () => {
    const of = (co2: number, share = 1) =>
      ratesOf(state({ GLUCOSE: 60, YEAST: 0.25, YEAST_READY: 9, CO2: co2 }), { dissolvedShare: share });
    const free = of(0)('YEAST');
    expect(of(12)('YEAST') / free).toBeCloseTo(0.5, 5);
    expect(of(24, 0.5)('YEAST') / free).toBeCloseTo(0.5, 5);
    const upkeepOnly = (co2: number) =>
      ratesOf(state({ GLUCOSE: 60, YEAST: 1, YEAST_READY: 9, CO2: co2 }))('GLUCOSE');
    expect(upkeepOnly(45) / upkeepOnly(0)).toBeCloseTo(0.5, 5);
    expect(ratesOf(state({ GLUCOSE: 60, YEAST: 2, YEAST_READY: 9 }))('YEAST')).toBe(0);
  });

  test('lactic bacteria: half their sugar to lactic acid with gas, half without', () => {
    const of = ratesOf(state({ GLUCOSE: 16, LACTICS: 0.1, LACTICS_READY: 3 }), {
      heterolactic: 0.5,
      lacticHeat: 0.6,
      lacticEase: 0.5,
      vigour: 2,
    });
    const pace = 2 * 0.6 * 0.5 * 0.75 * 0.1;
    const eaten = (1.9 * pace * 16) / (4 + 16);
    expect(of('GLUCOSE')).toBeCloseTo(-eaten, 5);
    expect(of('LACTICS')).toBeCloseTo((0.3 * (1 - 0.1 / 0.5) * eaten) / 1.9, 5);
    expect(of('ETHANOL') / of('CO2')).toBeCloseTo(46.0684 / 44.0095, 4);
    expect(of('LACTIC') / of('CO2')).toBeCloseTo(
      (0.5 * (90.078 / 180.156) + 0.5) / (0.5 * (44.0095 / 180.156)),
      3,
    );
    expect(of('LACTICS_READY')).toBeCloseTo(3 * (1 - 0.03) * 0.3 * 0.6 * 2, 5);
  });

  test('bacteria split sucrose at a third of the yeast’s pace', () => {
    const of = ratesOf(state({ SUCROSE: 8.6, LACTICS: 0.2 }));
    expect(of('SUCROSE')).toBeCloseTo(-(2 * 0.2) / 2, 5);
  });

  test('everything at once: each sugar shared out, each acid made, the carbon kept', () => {
    const y = state({
      GLUCOSE: 12,
      FRUCTOSE: 18,
      SUCROSE: 20,
      YEAST: 0.3,
      LACTICS: 0.1,
      YEAST_READY: 4,
      LACTICS_READY: 3,
      CO2: 6,
    });
    const c = {
      vigour: 1.1,
      yeastHeat: 0.6,
      lacticHeat: 0.7,
      yeastEase: 0.9,
      lacticEase: 0.8,
      heterolactic: 0.4,
      dissolvedShare: 0.5,
      yeastCapacity: 1.2,
    };
    const of = ratesOf(y, c);
    const pull = 1 + 12 / 0.6 + 18 / 1.2 + 20 / 4;
    const pace = 1.1 * 0.6 * 0.9 * 0.8 * 0.3;
    const growing = (0.3 * (1 - 0.3 / 1.2)) / (1 + 3 / 12);
    const taking = (growing / 0.12 + 1.05 / (1 + 3 / 45)) * pace;
    const lacticPace = 1.1 * 0.7 * 0.8 * 0.75 * 0.1;
    const lacticTaking = (1.9 * lacticPace) / (4 + 50);
    const perSucrose = (2 * 180.156) / 342.297;
    const splitting = (1.1 * (6 * 0.6 * 0.3 + 2 * 0.7 * 0.1) * 20) / (8.6 + 20);
    const direct = ((taking * 5) / pull + lacticTaking * 20) / perSucrose;
    expect(of('SUCROSE')).toBeCloseTo(-(splitting + direct), 5);
    expect(of('GLUCOSE')).toBeCloseTo(
      (splitting * perSucrose) / 2 - (taking * 20) / pull - lacticTaking * 12,
      5,
    );
    expect(of('FRUCTOSE')).toBeCloseTo(
      (splitting * perSucrose) / 2 - (taking * 15) / pull - lacticTaking * 18,
      5,
    );
    const eaten = (taking * 40) / pull;
    const soured = lacticTaking * 50;
    expect(of('YEAST')).toBeCloseTo((growing * pace * 40) / pull, 5);
    expect(of('LACTICS')).toBeCloseTo((0.3 * (1 - 0.1 / 0.5) * soured) / 1.9, 5);
    // Cells are CH1.8O0.5N0.2: a gram of them holds 0.4877 g of carbon, a gram of hexose 0.4000.
    const perCell = 12.011 / 24.626 / ((6 * 12.011) / 180.156);
    const left = soured - of('LACTICS') * perCell;
    expect(of('LACTIC')).toBeCloseTo(left * (0.4 * (90.078 / 180.156) + 0.6), 5);
    const burnt = eaten - of('YEAST') * perCell;
    expect(of('ETHANOL')).toBeCloseTo(
      burnt * ((2 * 46.069) / 180.156) * burntShare + left * 0.4 * (46.069 / 180.156),
      5,
    );
    expect(of('CO2')).toBeCloseTo(
      burnt * ((2 * 44.009) / 180.156) * burntShare + left * 0.4 * (44.009 / 180.156),
      5,
    );
    const carbon = (slot: Parameters<typeof of>[0], atoms: number, molar: number) =>
      (of(slot) * atoms * 12.011) / molar;
    const sum =
      carbon('SUCROSE', 12, 342.297) +
      carbon('GLUCOSE', 6, 180.156) +
      carbon('FRUCTOSE', 6, 180.156) +
      carbon('ETHANOL', 2, 46.069) +
      carbon('CO2', 1, 44.009) +
      carbon('LACTIC', 3, 90.078) +
      carbon('GLYCEROL', 3, 92.094) +
      carbon('YEAST', 1, 24.626) +
      carbon('LACTICS', 1, 24.626);
    expect(sum).toBeCloseTo(0, 5);
  });

  test('scarce sugars are shared by what each was asked for, and carbon is kept then too', () => {
    const y = state({
      GLUCOSE: 0.02,
      FRUCTOSE: 0.03,
      SUCROSE: 0.01,
      YEAST: 1.5,
      LACTICS: 0.8,
      YEAST_READY: 50,
      LACTICS_READY: 50,
    });
    const of = ratesOf(y, { yeastCapacity: 3, lacticCapacity: 2 }, 1);
    for (const [slot, stock] of [
      ['GLUCOSE', 0.02],
      ['FRUCTOSE', 0.03],
      ['SUCROSE', 0.01],
    ] as const)
      expect(of(slot)).toBeGreaterThanOrEqual(-stock - 1e-12);
    // Averages of Euler steps: two thirds of what is left go within a step that could take all.
    expect(of('SUCROSE')).toBeCloseTo(-0.01 * (2 / 3), 9);
    const made =
      (of('ETHANOL') * 2) / 46.069 +
      of('CO2') / 44.009 +
      (of('LACTIC') * 3) / 90.078 +
      (of('GLYCEROL') * 3) / 92.094 +
      (of('YEAST') + of('LACTICS')) / 24.626;
    const gone = -((of('SUCROSE') * 12) / 342.297 + ((of('GLUCOSE') + of('FRUCTOSE')) * 6) / 180.156);
    expect(made).toBeCloseTo(gone, 5);
    expect(of('CO2')).toBeGreaterThan(0);
  });

  test('what is full grows no more; readiness levels at a hundred', () => {
    const full = ratesOf(state({ GLUCOSE: 50, LACTICS: 0.7, LACTICS_READY: 9, YEAST_READY: 100 }));
    expect(full('LACTICS')).toBe(0);
    expect(full('YEAST_READY')).toBeCloseTo(0, 6);
    expect(ratesOf(state({ YEAST_READY: 50 }))('YEAST_READY')).toBeCloseTo(50 * 0.5 * 0.3, 4);
  });

  test('a shape above nothing feels the limit early, one below it late', () => {
    const growthAt = (shape: number) =>
      ratesOf(state({ GLUCOSE: 60, YEAST: 0.5, YEAST_READY: 9 }), { shape })('YEAST');
    expect(growthAt(2) / growthAt(0)).toBeCloseTo(1 / (1 + 2 * 0.5), 4);
    expect(growthAt(-0.5) / growthAt(0)).toBeCloseTo(1 / (1 - 0.5 * 0.5), 4);
    const twice = ratesOf(state({ GLUCOSE: 60, YEAST: 0.5, YEAST_READY: 9 }), { growth: 2 });
    expect(twice('YEAST') / growthAt(0)).toBeCloseTo(2, 4);
  });

  test('acetic bacteria turn alcohol to vinegar as fast as they can, or as air comes to them', () => {
    const sour = state({ ETHANOL: 6, ACETICS: 0.1 });
    const able = (3 * 0.5 * 0.1 * 6) / (2 + 6);
    const airy = ratesOf(sour, { airing: 1e6, aceticHeat: 0.5 });
    expect(airy('ETHANOL')).toBeCloseTo(-able, 5);
    expect(airy('ACETICS')).toBeCloseTo(0.067 * able * (1 - 0.1 / 0.4), 5);
    // Of the carbon of the alcohol what is not in cells is in vinegar.
    const intoCells = airy('ACETICS') * (12.011 / 24.626 / ((2 * 12.011) / 46.069));
    expect(airy('ACETIC')).toBeCloseTo(((able - intoCells) * 60.052) / 46.069, 5);
    // 0.01 g/L of vinegar an hour through the bare surface, and as much again under half a pellicle (0.1 g/L of cells).
    const aired = ((0.01 + 0.02 / 2) * 46.069) / 60.052;
    const close = ratesOf(sour, { airing: 0.01, pellicle: 0.02, aceticHeat: 0.5 });
    expect(close('ETHANOL')).toBeCloseTo((-able * aired) / (able + aired), 5);
    expect(ratesOf(sour, { airing: 0 })('ACETIC')).toBe(0);
  });

  test('what is above saturation leaves at 1.5 an hour; what is below leaves through an open surface alone', () => {
    const over = state({ CO2: 3 });
    expect(ratesOf(over, { saturation: 1 })('ESCAPED')).toBeCloseTo(3, 4);
    expect(ratesOf(over, { saturation: 1 }, 2)('CO2')).toBeCloseTo((-2 * (1 - Math.exp(-3))) / 2, 9);
    expect(ratesOf(over, { saturation: Infinity })('ESCAPED')).toBe(0);
    expect(ratesOf(over, { saturation: 4 }, 2)('CO2')).toBe(0);
    const open = { saturation: 4, exchange: 0.1, restInAir: 0.5 };
    expect(ratesOf(over, open, 2)('CO2')).toBeCloseTo((-2.5 * (1 - Math.exp(-0.2))) / 2, 9);
    // Both at once: towards (1.5·1 + 0.1·0.5)/1.6, at 1.6 an hour.
    const end = (1.5 * 1 + 0.1 * 0.5) / 1.6;
    expect(ratesOf(over, { ...open, saturation: 1 }, 2)('CO2')).toBeCloseTo(
      ((end - 3) * (1 - Math.exp(-3.2))) / 2,
      9,
    );
  });

  test('gas made within a step bubbles off once the liquid is full', () => {
    const y = state({ CO2: 1.4 });
    const c = conditions({ saturation: 1.5 });
    y[slots.CO2] = 1.4 + 0.3;
    // A third of the hour fills it; for two thirds 0.3 an hour comes and 1.5 of the surplus goes.
    weather(y, c, 0.3, 1);
    expect(y[slots.CO2]).toBeCloseTo(1.5 + (0.3 / 1.5) * (1 - Math.exp((-1.5 * 2) / 3)), 9);
    expect(y[slots.CO2]! + y[slots.ESCAPED]!).toBeCloseTo(1.7, 12);
  });

  test('oxygen is breathed at 4 a gram and hour', () => {
    const air = state({ OXYGEN: 0.0003, YEAST: 0.25, YEAST_READY: 100 });
    const pace = 0.25 * (100 / 101);
    expect(ratesOf(air)('OXYGEN')).toBeCloseTo(-4 * pace * 0.0003, 7);
    expect(ratesOf(air, {}, 5)('OXYGEN')).toBeCloseTo((-0.0003 * (1 - Math.exp(-20 * pace))) / 5, 7);
  });

  test('heat kills by the hour; what died is kept as dead matter', () => {
    const y = state({ YEAST: 0.4, LACTICS: 0.2, ACETICS: 0.1 });
    const of = ratesOf(y, { yeastDying: 0.5, lacticDying: 0.3, aceticDying: 0.1 }, 2);
    expect(of('YEAST')).toBeCloseTo((-0.4 * (1 - Math.exp(-1))) / 2, 9);
    expect(of('LACTICS')).toBeCloseTo((-0.2 * (1 - Math.exp(-0.6))) / 2, 9);
    expect(of('ACETICS')).toBeCloseTo((-0.1 * (1 - Math.exp(-0.2))) / 2, 9);
    expect(of('DEAD')).toBeCloseTo(-of('YEAST') - of('LACTICS') - of('ACETICS'), 9);
  });

  test('no sugar is taken that is not there within the step', () => {
    const scarce = state({ GLUCOSE: 0.001, YEAST: 1, YEAST_READY: 9 });
    expect(ratesOf(scarce, {}, 2)('GLUCOSE')).toBeGreaterThanOrEqual(-0.0005 - 1e-12);
    expect(ratesOf(state({ SUCROSE: 0.001, YEAST: 1 }), {}, 2)('SUCROSE')).toBeCloseTo(-0.0005 * (2 / 3), 9);
  });

  test('a kept jar tires without sugar from a readiness of ten, its starved cells die, and alcohol evaporates', () => {
    const starved = ratesOf(
      state({ YEAST: 1, YEAST_READY: 5, ETHANOL: 10 }),
      { starving: 0.02, hungerDying: 0.003, alcoholLost: 0.01, yeastHeat: 0 },
      1,
    );
    expect(starved('YEAST_READY')).toBe(0);
    expect(starved('YEAST')).toBeCloseTo(-(1 - Math.exp(-0.003)), 9);
    expect(starved('ETHANOL')).toBeCloseTo(-10 * (1 - Math.exp(-0.01)), 9);
    const tiring = ratesOf(state({ YEAST_READY: 5 }), { starving: 0.02, yeastHeat: 0.5 });
    expect(tiring('YEAST_READY')).toBeCloseTo(5 * (0.3 * 0.5 * 0.95 - 0.02 * 0.5), 4);
    // What it is fed of its waking is worked out before the step.
    const fed = ratesOf(state({ YEAST_READY: 5 }), { fed: 0.25 });
    expect(fed('YEAST_READY')).toBeCloseTo(5 * 0.3 * 0.25 * 0.95, 4);
    expect(hungerOf(state({ GLUCOSE: 0.4, SUCROSE: 0.2 }))).toBeCloseTo(0.5, 12);
    // Half hungry at 0.6 g/L.
    const half = ratesOf(state({ GLUCOSE: 0.6, YEAST_READY: 5 }), { starving: 0.02 });
    expect(half('YEAST_READY')).toBeCloseTo(5 * (0.3 * 0.95 - 0.02 * 0.5), 4);
    const after = state({ GLUCOSE: 60, YEAST_READY: 12 });
    weather(after, conditions({ starving: 0.02 }), 0, 1);
    expect(after[slots.YEAST_READY]).toBeCloseTo(10 * Math.exp((-0.02 * 0.6) / 60.6), 9);
  });
});
