import { co2SolubilityInWater, volumesOfMoles } from '../gas/co2-solubility';
import { coldWaterMl, cooledTo, coolingConstant, coolingHours, mixedCelsius } from './cooling';
import {
  alcoholThreeWays,
  brixAndGravity,
  gravityAt20,
  heldWhenStill,
  mixSweet,
  priming,
  sugarOfJuice,
  vitaminCMilligrams,
} from './tools';

const pot = { litres: 5, way: 'lidded', from: 95, to: 30, around: 21 } as const;
const hours = (more: object = {}) => {
  const result = coolingHours({ ...pot, ...more });
  if (!result.ok) throw new Error(result.code);
  return result.value;
};

describe('cooling', () => {
  test('is Newton’s law: within 2 % of a run in small steps', () => {
    // dT/dt = −(T − 21)/τ, by steps of a second.
    const constant = coolingConstant(5, 'lidded');
    let celsius = 95;
    let seconds = 0;
    while (celsius > 30) {
      celsius -= ((celsius - 21) / constant) * (1 / 3600);
      seconds += 1;
    }
    expect(Math.abs(hours() / (seconds / 3600) - 1)).toBeLessThan(0.02);
    expect(cooledTo(95, 21, hours(), constant)).toBeCloseTo(30, 9);
  });

  test('a lidded 5 L pot takes six hours, an open one three, an ice bath half an hour', () => {
    // 1.67·5^⅓·ln(74/9) = 6.02 h.
    expect(hours()).toBeCloseTo(6.02, 2);
    expect(hours({ way: 'open' })).toBeCloseTo(3.06, 2);
    // 0.24·5^⅓·ln(93/28) = 0.493 h.
    expect(hours({ way: 'ice-bath' })).toBeCloseTo(0.493, 3);
    expect(hours({ litres: 40 }) / hours()).toBeCloseTo(2, 9);
    expect(hours({ from: 25 })).toBe(0);
  });

  test('one reading goes before the practice figure', () => {
    // 58 °C after an hour: half of 74 is gone, so 1/ln 2 h; ln(74/9)/ln 2 = 3.04 h.
    expect(hours({ reading: { hours: 1, celsius: 58 } })).toBeCloseTo(Math.log(74 / 9) / Math.LN2, 9);
    for (const reading of [
      { hours: 0, celsius: 58 },
      { hours: 1, celsius: 96 },
      { hours: 1, celsius: 21 },
    ])
      expect(coolingHours({ ...pot, reading })).toMatchObject({ code: 'cooling.reading' });
    expect(coolingHours({ ...pot, around: 31 })).toMatchObject({ code: 'cooling.never' });
  });

  test('waters mix by what there is of each, within 2 % of their heat', () => {
    expect(
      mixedCelsius([
        { ml: 1500, celsius: 95 },
        { ml: 3000, celsius: 8 },
      ]),
    ).toBeCloseTo(37, 9);
    // 3 L at 95 to 30 °C with water of 8: 3·65/22 = 8.86 L.
    expect(coldWaterMl(3000, 95, 8, 30)).toEqual({ ok: true, value: expect.closeTo(8863.6, 1) });
    expect(coldWaterMl(3000, 25, 8, 30)).toEqual({ ok: true, value: 0 });
    expect(coldWaterMl(3000, 95, 30, 30)).toMatchObject({ code: 'mix.never' });
  });
});

describe('small tools', () => {
  test('a hydrometer read warm shows too little: tables of water', () => {
    // Densities of water: 998.20 at 20 °C, 995.65 at 30, 999.70 at 10.
    expect(gravityAt20(1.04, 30)).toBeCloseTo((1.04 * 998.2) / 995.65, 4);
    expect(gravityAt20(1.04, 10)).toBeCloseTo((1.04 * 998.2) / 999.7, 4);
    expect(gravityAt20(1.04, 20)).toBe(1.04);
  });

  test('alcohol three ways, near each other', () => {
    const { rule131, rule7_5, massBalance } = alcoholThreeWays(1.05, 1.01);
    expect([rule131, rule7_5]).toEqual([expect.closeTo(5.25, 9), expect.closeTo(5.333, 3)]);
    expect(massBalance).toBeCloseTo(5.4, 1);
    expect(alcoholThreeWays(1.01, 1.02).massBalance).toBe(0);
  });

  test('°Brix and gravity are each other’s', () => {
    expect(brixAndGravity(10, 'brix').sg).toBeCloseTo(1.04, 3);
    expect(brixAndGravity(brixAndGravity(12.5, 'brix').sg, 'sg').brix).toBeCloseTo(12.5, 4);
  });

  test('sugar of a juice by its label and by a refractometer', () => {
    expect(sugarOfJuice(250, { per100Ml: 10.4 })).toBeCloseTo(26, 9);
    // 10 °Brix weighs 1.038 kg a litre: 103.8 g.
    expect(sugarOfJuice(1000, { brix: 10 })).toBeCloseTo(103.8, 0);
  });

  test('two liquids: volumes and sugar add', () => {
    expect(
      mixSweet([
        { ml: 1000, gramsPerLitre: 100 },
        { ml: 500, gramsPerLitre: 10 },
      ]),
    ).toMatchObject({
      ml: 1500,
      gramsPerLitre: expect.closeTo(70, 9),
      sg: expect.closeTo(1.027, 3),
    });
    expect(mixSweet([{ ml: 0, gramsPerLitre: 100 }]).gramsPerLitre).toBe(0);
  });

  test('what a still base holds is Henry’s law at one atmosphere, within 3 %', () => {
    for (const celsius of [0, 5, 10, 15, 20, 25, 30]) {
      const volumes = volumesOfMoles(co2SolubilityInWater(celsius));
      expect(Math.abs(heldWhenStill(celsius) / volumes - 1)).toBeLessThan(0.03);
    }
    expect(heldWhenStill(22.5)).toBeCloseTo(0.82, 9);
    expect([heldWhenStill(-9), heldWhenStill(50)]).toEqual([1.71, 0.67]);
  });

  test('priming: what is wanted beyond what is there, at 0.26 volumes a gram', () => {
    const { gramsPerLitre, gramsPerBottle } = priming(2.5, 20, 500);
    // 1.62 volumes at 1.977 g each, of 0.5144 g CO2 a gram of sucrose: 6.2 g.
    expect(gramsPerLitre).toBeCloseTo((1.62 * 1.977) / 0.5144, 1);
    expect(gramsPerBottle).toBeCloseTo(gramsPerLitre / 2, 9);
    expect(priming(0.5, 20, 500).gramsPerLitre).toBe(0);
  });

  test('vitamin C: 2.5 mg for each milligram', () => expect(vitaminCMilligrams(4, 1)).toBe(10));
});
