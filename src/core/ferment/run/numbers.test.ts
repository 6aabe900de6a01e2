import { knownCultures } from '../../cultures/registry';
import { acidity, type AcidMix } from '../relations/acid-balance';
import { bases } from '../scenario/bases';
import { cardinal, temperatureResponse } from '../relations/cardinal-temperature';
import { inoculum } from '../scenario/inoculum';
import {
  aceticKinetics,
  gasKinetics,
  hungerKinetics,
  lacticKinetics,
  yeastKinetics,
} from '../relations/kinetics';
import { familyHours, reportHours, spanAt, stageSpans } from './time-table';

// base | most yeast | most bacteria, g/L | minerals eq/L | citric | malic | citrate, g/L | pH before a dose
const checkedBases = `
syrup | 0.31 | 0.1 | 0.00145 | 0 | 0 | 0.114 | 6.3
mineral-sugar | 1.2 | 0.42 | 0.01327 | 0.1 | 0 | 0.838 | 6.8
ginger-tea | 0.48 | 0.14 | 0.00508 | 0.05 | 0.1 | 0.276 | 5.9
raw-ginger | 0.88 | 0.3 | 0.008 | 0.2 | 0.45 | 0 | 5.6
herb-tea | 0.28 | 0.1 | 0.00382 | 0.05 | 0.05 | 0.21 | 6.1
fruit | 0.9 | 0.3 | 0.012 | 1 | 2 | 0 | 3.5
juice | 2 | 0.6 | 0.03 | 1.5 | 5 | 0 | 3.6
peel | 0.68 | 0.25 | 0.01 | 0.8 | 0.4 | 0 | 4.8
black-tea | 0.31 | 0.1 | 0.00359 | 0.1 | 0.1 | 0.15 | 5.3
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
  expect({ ...yeastKinetics }).toEqual({
    growth: 0.3,
    yieldOnSugar: 0.12,
    upkeep: 1.05,
    inversion: 6,
    inversionHalf: 8.6,
    glucoseHalf: 0.6,
    fructoseHalf: 1.2,
    sucroseHalf: 4,
  });
  expect({ ...lacticKinetics }).toEqual({ growth: 0.3, uptake: 1.9, half: 4, inversion: 2 });
  expect({ ...aceticKinetics }).toEqual({
    uptake: 3,
    half: 2,
    capacity: 0.4,
    cellsPerEthanol: 0.067,
    pellicleHalf: 0.1,
    gluconic: 0.3,
    gluconicHalf: 5,
  });
  expect({ ...gasKinetics }).toEqual({ halfGrowth: 12, halfFerment: 45, degassing: 1.5, oxygenTaking: 4 });
  expect({ ...hungerKinetics }).toEqual({ hungryBelow: 0.6, readiest: 10 });
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
      yeast: expect.closeTo(0.0544, 9),
      lactics: expect.closeTo(0.0096, 9),
      acetics: 0,
      lagWork: 1.45,
      heterolactic: 0.5,
      lacticAcid: expect.closeTo(0.32, 9),
      // pK 3.86 against pH 3.6: 1 / (1 + 10^0.26).
      saltShare: expect.closeTo(0.35465, 5),
    });
    expect(of('tea-mother', 100).acetics).toBeCloseTo(0.04, 9);
  });

  test('grains crowd above 50 g/L: 200 do the work of 50·4^0.55, few of them their own', () => {
    expect(of('water-kefir-grains', 50).yeast).toBeCloseTo(0.7, 9);
    expect(of('water-kefir-grains', 200).yeast).toBeCloseTo(0.014 * 50 * 4 ** 0.55, 9);
    expect(of('water-kefir-grains', 1).yeast).toBeCloseTo(0.014, 12);
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
      saltShare: 0,
    });
    expect(of('ginger-bug', 80, bases.peel).yeast).toBeCloseTo(0.0544, 9);
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
