import { knownCultures } from '../cultures/registry';
import { acidity, type AcidMix } from './acid-balance';
import { bases } from './bases';
import { cardinal, temperatureResponse } from './cardinal-temperature';
import { freshConditions, type Conditions } from './conditions';
import { inoculum } from './inoculum';
import { dyingOfHeat, fallingAsleepAt, heatDeath } from './heat-death';
import { doseAlive, lagOfAged } from './dose-age';
import { eat } from './eat';
import { kinetics } from './kinetics';
import { readied } from './readiness';
import { oxygenPerAcetic, surfaceAt, surfaceOf } from './surface';
import { hungerOf, weather } from './weather';
import { slots } from './state';
import { familyHours, reportHours, spanAt, stageSpans } from './time-table';

// base | most yeast | most bacteria, g/L | minerals eq/L | citric | malic | citrate, g/L | pH before a dose
const checkedBases = `
syrup | 0.31 | 0.1 | 0.00145 | 0 | 0 | 0.114 | 6.3
mineral-sugar | 1.3 | 0.42 | 0.01327 | 0.1 | 0 | 0.838 | 6.8
ginger-tea | 0.48 | 0.14 | 0.00508 | 0.05 | 0.1 | 0.276 | 5.9
raw-ginger | 0.88 | 0.3 | 0.008 | 0.2 | 0.45 | 0 | 5.6
herb-tea | 0.28 | 0.1 | 0.00382 | 0.05 | 0.05 | 0.21 | 6.1
fruit | 0.9 | 0.3 | 0.012 | 1 | 2 | 0 | 3.5
juice | 2 | 0.6 | 0.03 | 1.5 | 5 | 0 | 3.6
peel | 0.68 | 0.25 | 0.01 | 0.8 | 0.4 | 0 | 4.8
black-tea | 0.35 | 0.1 | 0.00359 | 0.1 | 0.1 | 0.15 | 5.3
`;

test('what a base offers is what was checked; only peel carries life of its own', () => {
  const rows = Object.entries(bases).map(([id, base]) =>
    [
      id,
      base.yeastCapacity,
      base.lacticCapacity,
      base.mineralCharge,
      base.citricGramsPerLitre,
      base.malicGramsPerLitre,
      base.citrateGramsPerLitre,
      acidity(
        {
          lactic: 0,
          acetic: 0,
          citric: base.citricGramsPerLitre + base.citrateGramsPerLitre,
          malic: base.malicGramsPerLitre,
          co2Moles: 1.3e-5,
          mineralCharge: base.mineralCharge,
        },
        5,
        1e-6,
      ).toFixed(1),
    ].join(' | '),
  );
  expect(rows).toEqual(checkedBases.trim().split('\n'));
  expect(Object.entries(bases).flatMap(([id, { carries }]) => (carries ? [[id, carries]] : []))).toEqual([
    ['peel', { yeast: 0.004, lactics: 0.002, lagWork: 2 }],
  ]);
});

test('kinetic constants are what the households reported were reproduced with', () => {
  expect(kinetics).toEqual({
    yeast: {
      growth: 0.3,
      yieldOnSugar: 0.12,
      upkeep: 1.05,
      inversion: 6,
      inversionHalf: 8.6,
      glucoseHalf: 0.6,
      fructoseHalf: 1.2,
      sucroseHalf: 4,
    },
    lactics: { growth: 0.3, uptake: 1.9, half: 4, inversion: 2 },
    acetics: { uptake: 3, half: 2, capacity: 0.4, cellsPerEthanol: 0.067, pellicleHalf: 0.1 },
    gasHalfGrowth: 12,
    gasHalfFerment: 45,
    degassing: 1.5,
    oxygenTaking: 4,
    hungryBelow: 0.6,
    readiest: 10,
  });
});

describe('activity by temperature', () => {
  // The cardinal model written out on paper for yeast: 2, 34 and 42 °C.
  const byHand = (celsius: number) => {
    const above = celsius - 2;
    return ((celsius - 42) * above * above) / (32 * (32 * (celsius - 34) + 8 * (36 - 2 * celsius)));
  };

  test.each([15, 20, 22, 25, 30, 38])('of yeast at %d °C is what the cardinal model gives', (celsius) =>
    expect(temperatureResponse(celsius, cardinal.yeast)).toBeCloseTo(byHand(celsius), 12),
  );

  test('known points: 22 °C near half, 1 at the best, 0 from the most on', () => {
    expect(temperatureResponse(22, cardinal.yeast)).toBeCloseTo(8000 / 14336, 9);
    expect(temperatureResponse(33, cardinal.lactic)).toBe(1);
    expect(temperatureResponse(30, cardinal.acetic)).toBe(1);
    expect([42, 43, 50].map((celsius) => temperatureResponse(celsius, cardinal.yeast))).toEqual([0, 0, 0]);
    expect(temperatureResponse(41.9, cardinal.yeast)).toBeGreaterThan(0);
  });

  test('below 12 °C the cold keeps its floor, e^0.12 more a degree', () => {
    expect(temperatureResponse(0, cardinal.yeast)).toBeCloseTo(0.036 * Math.exp(-0.48), 9);
    expect(temperatureResponse(4, cardinal.acetic)).toBe(0);
    expect(temperatureResponse(12, cardinal.yeast)).toBeCloseTo(byHand(12), 12);
  });
});

describe('a dose in a litre', () => {
  const of = (id: string, amount: number, base = bases['ginger-tea']) =>
    inoculum(knownCultures(id), amount, base);

  test('brings its cells and acid by the unit', () => {
    expect(of('ginger-bug', 80)).toEqual({
      yeast: expect.closeTo(0.064, 9),
      lactics: expect.closeTo(0.0096, 9),
      acetics: 0,
      lagWork: 1.45,
      heterolactic: 0.5,
      lacticAcid: expect.closeTo(0.32, 9),
    });
    expect(of('tea-mother', 100).acetics).toBeCloseTo(0.04, 9);
  });

  test('grains crowd: 200 g/L do the work of 50·4^0.55', () => {
    expect(of('water-kefir-grains', 50).yeast).toBeCloseTo(0.42, 9);
    expect(of('water-kefir-grains', 200).yeast).toBeCloseTo(0.0084 * 50 * 4 ** 0.55, 9);
    expect(of('water-kefir-grains', 0).yeast).toBe(0);
  });

  test('raw ginger lives whatever the dose, on peel by what the peel carries; nothing brings nothing', () => {
    expect(of('bare', 0)).toMatchObject({ yeast: 0.0003, lactics: 0.0003, lagWork: 3, heterolactic: 0.6 });
    expect(of('bare', 0, bases.peel)).toEqual({
      yeast: 0.004,
      lactics: 0.002,
      lagWork: 2,
      acetics: 0,
      heterolactic: 0.6,
      lacticAcid: 0,
    });
    expect(of('ginger-bug', 80, bases.peel).yeast).toBeCloseTo(0.064, 9);
    expect(inoculum(null, 80, bases.syrup)).toMatchObject({
      yeast: 0,
      lactics: 0,
      acetics: 0,
      lacticAcid: 0,
    });
  });
});

describe('pH', () => {
  const mix = (parts: Partial<AcidMix>): AcidMix => ({
    lactic: 0,
    acetic: 0,
    citric: 0,
    malic: 0,
    co2Moles: 0,
    mineralCharge: 0,
    ...parts,
  });

  // Weak acid on paper: h² = K·(c − h).
  test.each([
    ['lactic', 2, 90.08, 10 ** -3.86],
    ['acetic', 5, 60.05, 10 ** -4.756],
    ['malic', 2, 134.09, 10 ** -3.4],
    ['citric', 3, 192.12, 10 ** -3.13],
  ] as const)('of %s acid, %d g/L, is that of a weak acid to 0.02', (acid, grams, molar, k) => {
    const c = grams / molar;
    const h = (-k + Math.sqrt(k * k + 4 * k * c)) / 2;
    expect(acidity(mix({ [acid]: grams }), 4, 1e-9)).toBeCloseTo(-Math.log10(h), 1.7);
  });

  test('half neutralised lactic acid sits at its constant, 3.86; acetic at 4.76', () => {
    const half = (grams: number, molar: number) => grams / molar / 2;
    expect(acidity(mix({ lactic: 9, mineralCharge: half(9, 90.08) }), 5, 1e-9)).toBeCloseTo(3.86, 1.9);
    expect(acidity(mix({ acetic: 6, mineralCharge: half(6, 60.05) }), 5, 1e-9)).toBeCloseTo(4.756, 2);
  });

  test('malic acid neutralised by one and a half sits at its second constant, citric by two and a half at its third', () => {
    expect(acidity(mix({ malic: 13.409, mineralCharge: 0.15 }), 5, 1e-9)).toBeCloseTo(5.11, 1.3);
    expect(acidity(mix({ citric: 19.212, mineralCharge: 0.15 }), 5, 1e-9)).toBeCloseTo(4.76, 1.3);
    expect(acidity(mix({ citric: 19.212, mineralCharge: 0.25 }), 5, 1e-9)).toBeCloseTo(6.4, 1.2);
  });

  test('carbonated water is near 3.9; pure water 7; brine of minerals alone is held at 9', () => {
    expect(acidity(mix({ co2Moles: 0.0336 }), 5, 1e-9)).toBeCloseTo((6.35 - Math.log10(0.0336)) / 2, 2);
    expect(acidity(mix({}), 5, 1e-9)).toBeCloseTo(7, 3);
    expect(acidity(mix({ mineralCharge: 0.1 }), 5)).toBe(9);
    expect(acidity(mix({ mineralCharge: -0.2 }), 5)).toBe(1.5);
  });
});

describe('rates at one moment, worked out on paper', () => {
  const state = (parts: Partial<Record<keyof typeof slots, number>>) => {
    const y = new Float64Array(slots.STATE_SIZE);
    for (const [slot, value] of Object.entries(parts)) y[slots[slot as keyof typeof slots]] = value;
    return y;
  };
  /** What changes an hour, over a step so short that it is the rate itself, or over a longer one. */
  const ratesOf = (y: Float64Array, more: Partial<Conditions> = {}, step = 1e-5) => {
    const c = { ...freshConditions(), yeastCapacity: 1, lacticCapacity: 0.5, ...more };
    const after = y.slice();
    eat(after, c, step);
    weather(after, c, after[slots.CO2]! - y[slots.CO2]!, step);
    return (slot: keyof typeof slots) => (after[slots[slot]]! - y[slots[slot]]!) / step;
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
    const c = { ...freshConditions(), saturation: 1.5 };
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
    weather(after, { ...freshConditions(), starving: 0.02 }, 0, 1);
    expect(after[slots.YEAST_READY]).toBeCloseTo(10 * Math.exp((-0.02 * 0.6) / 60.6), 9);
  });
});

describe('readiness', () => {
  test('wakes by the exponential, levels at a hundred, and falls asleep', () => {
    expect(readied(1, 0.1, 0, 10)).toBeCloseTo(100 / (1 + 99 * Math.exp(-1)), 9);
    expect(readied(50, 0.3, 0, 400)).toBeCloseTo(100, 6);
    expect(readied(20, 0, 0.006, 100)).toBeCloseTo(20 * Math.exp(-0.6), 9);
    expect([readied(0, 0.3, 0, 5), readied(7, 0, 0, 5)]).toEqual([0, 7]);
    // Two rates that balance leave only the crowding: dQ/dt = −0.1·Q²/100.
    expect(readied(10, 0.1, 0.1, 20)).toBeCloseTo(10 / (1 + (10 * 0.1 * 20) / 100), 9);
    expect(readied(0.5, 0, 0.3, 100)).toBe(1e-3);
    expect(readied(5e-4, 0, 0.3, 1)).toBe(5e-4);
  });
});

describe('heat and cold', () => {
  test('yeast: a tenth is left after a minute at 55 °C, after 2.4 hours at 45, after half a day at 42', () => {
    const tenth = (celsius: number) => Math.LN10 / dyingOfHeat(celsius, heatDeath.yeast);
    expect(tenth(55)).toBeCloseTo(0.95 / 60, 9);
    expect(tenth(50.4)).toBeCloseTo(9.5 / 60, 6);
    expect(tenth(45)).toBeCloseTo((0.95 / 60) * 10 ** (10 / 4.6), 6);
    expect(tenth(42)).toBeCloseTo(10.6, 0);
    expect(dyingOfHeat(33.9, heatDeath.yeast)).toBe(0);
    expect(dyingOfHeat(40, heatDeath.yeast, 4)).toBeCloseTo(dyingOfHeat(44, heatDeath.yeast), 12);
  });

  test('lactic bacteria bear more, acetic bacteria less', () => {
    expect(Math.LN10 / dyingOfHeat(49.5, heatDeath.lactic)).toBeCloseTo(40 / 60, 6);
    expect(Math.LN10 / dyingOfHeat(45, heatDeath.acetic)).toBeCloseTo(20 / 60, 6);
  });

  test('cells fall asleep below 8 °C and shut down above 38', () => {
    expect([8, 6, 4, 2, -2].map((celsius) => fallingAsleepAt(celsius))).toEqual([
      0,
      expect.closeTo(0.003, 9),
      0.006,
      expect.closeTo(0.009, 9),
      expect.closeTo(0.009, 9),
    ]);
    expect([38, 40, 42, 45].map((celsius) => fallingAsleepAt(celsius))).toEqual([
      0,
      expect.closeTo(0.15, 9),
      expect.closeTo(0.3, 9),
      expect.closeTo(0.3, 9),
    ]);
    expect(fallingAsleepAt(36, 4)).toBeCloseTo(0.15, 9);
  });

  test('the cold floor: 3.6 % of the best at 4 °C, more for a culture that likes cold, never above 12 °C’s own', () => {
    expect(temperatureResponse(4, cardinal.yeast)).toBeCloseTo(0.036, 9);
    expect(temperatureResponse(4, cardinal.yeast, 2)).toBeCloseTo(0.072, 9);
    expect(temperatureResponse(4, cardinal.yeast) / temperatureResponse(22, cardinal.yeast)).toBeCloseTo(
      0.0645,
      3,
    );
    expect(temperatureResponse(11.9, cardinal.yeast, 9)).toBeLessThanOrEqual(
      temperatureResponse(12, cardinal.yeast),
    );
    expect(temperatureResponse(4, cardinal.lactic)).toBeCloseTo(0.027, 9);
  });
});

describe('a dose that has waited', () => {
  test('half of a packet lives after 600 days at 20 °C, of whey after three; cold keeps', () => {
    const packet = knownCultures('wine-yeast');
    expect(doseAlive(packet, 600, 20)).toBeCloseTo(0.5, 12);
    expect(doseAlive(packet, 600, 10)).toBeCloseTo(0.5 ** 0.4, 9);
    expect(doseAlive(packet, 0, 20)).toBe(1);
    expect(doseAlive(knownCultures('whey'), 3, 20)).toBeCloseTo(0.5, 12);
    expect(doseAlive(knownCultures('ginger-bug'), 30, 20)).toBe(1);
    expect([lagOfAged(1), lagOfAged(0.5)]).toEqual([1, 1.6]);
  });
});

describe('the surface of a jar', () => {
  const stage = {
    hours: 1,
    vessel: 'open',
    celsius: 20,
    headspaceMl: 0,
    ventEveryHours: null,
    stirred: false,
  } as const;

  test('as wide as high: 92 cm² for a litre', () => {
    expect(surfaceOf(1000)).toBeCloseTo(92.27, 1);
    expect(surfaceOf(8000) / surfaceOf(1000)).toBeCloseTo(4, 9);
  });

  test('gas, alcohol and vinegar through 100 cm² over a litre, and stirred', () => {
    const wide = { ...stage, surfaceCm2: 100 };
    expect(surfaceAt(wide, 1000)).toEqual({
      exchange: expect.closeTo(0.09, 9),
      alcoholLost: expect.closeTo(0.011, 9),
      airing: expect.closeTo((0.01 * 110) / 24, 9),
      pellicle: expect.closeTo((0.01 * 50) / 24, 9),
    });
    expect(surfaceAt({ ...wide, stirred: true }, 1000)).toEqual({
      exchange: expect.closeTo(0.45, 9),
      alcoholLost: expect.closeTo(0.011, 9),
      airing: expect.closeTo((0.01 * 110 * 1.5) / 24, 9),
      pellicle: 0,
    });
  });

  test('a water lock lets a fiftieth of the air in and no gas back; a seal nothing', () => {
    const locked = surfaceAt({ ...stage, vessel: 'airlock', surfaceCm2: 100 }, 1000);
    expect([locked.exchange, locked.alcoholLost]).toEqual([0, 0]);
    expect(locked.airing).toBeCloseTo((0.02 * 0.01 * 110) / 24, 12);
    expect(surfaceAt({ ...stage, vessel: 'sealed' }, 1000).airing).toBe(0);
    expect(oxygenPerAcetic).toBeCloseTo(0.533, 3);
  });
});

describe('the hours that are reported', () => {
  test('every step, the end, and whatever else is asked for, each once', () => {
    expect(reportHours(2.5, 1)).toEqual([0, 1, 2, 2.5]);
    expect(reportHours(3, 1)).toEqual([0, 1, 2, 3]);
    expect(reportHours(3, 1, [1.5, 2, -1, 9])).toEqual([0, 1, 1.5, 2, 3]);
    expect(reportHours(4, 2)).toEqual([0, 2, 4]);
  });

  test('a family is told by the hour for ten days, then every sixth hour and where it was read', () => {
    const hours = familyHours(24 * 12 + 1, 1, [250]);
    expect(hours.slice(239, 246)).toEqual([239, 240, 246, 250, 252, 258, 264]);
    expect(hours.at(-1)).toBe(289);
  });

  test('at a boundary the stage that ends there is in force; beyond the end the last', () => {
    const stage = {
      vessel: 'open',
      celsius: 20,
      headspaceMl: 0,
      ventEveryHours: null,
      stirred: false,
    } as const;
    const spans = stageSpans([
      { ...stage, hours: 10 },
      { ...stage, hours: 5, celsius: 4 },
    ]);
    expect(spans.map(({ from, to }) => [from, to])).toEqual([
      [0, 10],
      [10, 15],
    ]);
    expect([0, 10, 10.1, 99].map((hour) => spanAt(spans, hour).stage.celsius)).toEqual([20, 20, 4, 4]);
  });
});
