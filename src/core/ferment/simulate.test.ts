import fc from 'fast-check';
import { carbonIn } from '../sugar/yields';
import { acidity } from './acid-balance';
import { cardinal, temperatureResponse } from './cardinal-temperature';
import { knownCultures } from '../cultures/registry';
import { bases } from './bases';
import { inoculum as dose } from './inoculum';
import { nominalMember } from './member';
import { Scenario, scenarioExample, type ScenarioInput } from './scenario';
import { simulate, type Trajectory } from './simulate';
import { slots } from './state';
import { gaugeBarOf } from './vessel-gas';

const {
  ROW_SIZE,
  SUCROSE,
  GLUCOSE,
  FRUCTOSE,
  YEAST,
  LACTICS,
  ACETICS,
  ETHANOL,
  LACTIC,
  ACETIC,
  GLYCEROL,
  CO2,
  DEAD,
  ESCAPED,
  PH,
} = slots;

const inoculum = (id: string, amount: number, onPeel: boolean) =>
  dose(knownCultures(id), amount, onPeel ? bases.peel : bases.syrup);

const filled = { headspaceRatio: 0.04, filledCelsius: 22 };
const scenario = (change: Partial<ScenarioInput> = {}): Scenario =>
  Scenario.parse({ ...scenarioExample, readings: [], ...change });
const soda = (celsius: number, hours = 120) => scenario({ stages: [{ hours, vessel: 'sealed', celsius }] });
const value = (t: Trajectory, index: number, slot: number) => t.rows[index * ROW_SIZE + slot]!;
const carbon = (t: Trajectory, i: number) => {
  const at = (slot: number) => value(t, i, slot);
  return (
    at(SUCROSE) * carbonIn.sucrose +
    (at(GLUCOSE) + at(FRUCTOSE)) * carbonIn.hexose +
    at(ETHANOL) * carbonIn.ethanol +
    (at(YEAST) + at(LACTICS) + at(ACETICS) + at(DEAD)) * carbonIn.biomass +
    at(LACTIC) * carbonIn.lactic +
    at(ACETIC) * carbonIn.acetic +
    at(GLYCEROL) * carbonIn.glycerol +
    (at(CO2) + at(ESCAPED)) * carbonIn.co2
  );
};
const hourOf = (t: Trajectory, slot: number, level: number) => {
  for (let i = 1; i < t.hours.length; i++) {
    const [a, b] = [value(t, i - 1, slot), value(t, i, slot)];
    if (b >= level) return t.hours[i - 1]! + ((level - a) / (b - a)) * (t.hours[i]! - t.hours[i - 1]!);
  }
  return Infinity;
};

describe('one ferment', () => {
  const stage = fc.record({
    hours: fc.double({ min: 1, max: 90, noNaN: true }),
    vessel: fc.constantFrom('open', 'airlock', 'sealed'),
    celsius: fc.double({ min: 0, max: 41, noNaN: true }),
    headspaceMl: fc.double({ min: 5, max: 300, noNaN: true }),
    ventEveryHours: fc.constantFrom(null, 6, 24),
  });
  const input = fc.record({
    base: fc.constantFrom('syrup', 'mineral-sugar', 'juice', 'raw-ginger', 'black-tea'),
    sugars: fc.record({
      sucrose: fc.double({ min: 0, max: 160, noNaN: true }),
      fructose: fc.double({ min: 0, max: 60, noNaN: true }),
    }),
    starter: fc.oneof(
      fc.record({
        kind: fc.constantFrom('ginger-bug', 'whey', 'wild', 'tea-mother'),
        amountPerLitre: fc.double({ min: 10, max: 250, noNaN: true }),
      }),
      fc.record({
        kind: fc.constantFrom('water-kefir-grains', 'wine-yeast', 'bare'),
        amountPerLitre: fc.double({ min: 0.1, max: 90, noNaN: true }),
      }),
    ),
    stages: fc.array(stage, { minLength: 1, maxLength: 4 }),
  });

  test('keeps every mass finite and positive and loses no carbon, whatever the scenario', () => {
    fc.assert(
      fc.property(input, (change) => {
        const t = simulate(scenario(change as never));
        const start = carbon(t, 0);
        const open = change.stages.some(({ vessel }) => vessel === 'open');
        for (let i = 0; i < t.hours.length; i++) {
          for (let slot = 0; slot < ROW_SIZE; slot++) {
            const x = value(t, i, slot);
            if (!Number.isFinite(x) || (slot <= ESCAPED && x < 0))
              throw new Error(`slot ${slot} is ${x} at ${t.hours[i]}`);
          }
          const gone = start - carbon(t, i);
          expect(gone).toBeGreaterThan(-1e-3 * Math.max(1, start));
          // Through an open surface alcohol evaporates, and its carbon with it; nothing else leaves unseen.
          if (!open) expect(gone).toBeLessThan(1e-3 * Math.max(1, start));
        }
      }),
      { seed: 5, numRuns: 120 },
    );
  });

  test('three degrees warmer is never slower below the best temperature', () => {
    for (let celsius = 6; celsius <= 30; celsius += 3) {
      const cool = hourOf(simulate(soda(celsius, 1500)), ETHANOL, 4);
      const warm = hourOf(simulate(soda(celsius + 3, 1500)), ETHANOL, 4);
      expect(warm).toBeLessThanOrEqual(cool);
    }
  });

  test('in the fridge it goes on at a thirtieth to a fifth of 22 °C, and never stops', () => {
    const start: ScenarioInput['stages'][number] = { hours: 30, vessel: 'sealed', celsius: 22 };
    const gained = (celsius: number) => {
      const t = simulate(scenario({ stages: [start, { ...start, celsius, hours: 24 }] }));
      return value(t, 54, ETHANOL) - value(t, 30, ETHANOL);
    };
    expect(gained(4) / gained(22)).toBeGreaterThan(0.03);
    expect(gained(4) / gained(22)).toBeLessThan(0.2);
  });

  test('the hourly step is within half a percent of a run at a sixty-fourth of an hour', () => {
    const fine = hourOf(simulate(soda(24), nominalMember, 1 / 64), ETHANOL, 5);
    const plain = hourOf(simulate(soda(24)), ETHANOL, 5);
    expect(Math.abs(plain / fine - 1)).toBeLessThan(0.005);
  });

  test('without a starter nothing lives: the pressure is the gas relations alone', () => {
    const t = simulate(
      scenario({
        starter: { kind: 'none' },
        co2Volumes: 3,
        sugars: { sucrose: 80 },
        stages: [{ hours: 10, vessel: 'sealed', celsius: 22, headspaceMl: 40 }],
      }),
    );
    expect(value(t, 10, SUCROSE)).toBe(80);
    expect(gaugeBarOf(t.rows.subarray(10 * ROW_SIZE), filled, 22)).toBeGreaterThan(3.7);
  });

  test('an open jar keeps no more than saturation, and a first burp takes a sixth of the pressure or more but little gas', () => {
    const open = simulate(
      scenario({
        starter: { kind: 'none' },
        co2Volumes: 3,
        stages: [{ hours: 24, vessel: 'open', celsius: 20 }],
      }),
    );
    expect(value(open, 24, CO2) / 1.977).toBeLessThan(0.9);
    const still = { starter: { kind: 'none' as const }, co2Volumes: 3 };
    const stage0 = { hours: 5, vessel: 'sealed' as const, celsius: 22, headspaceMl: 40 };
    const kept = simulate(scenario({ ...still, stages: [stage0] }));
    const burped = simulate(scenario({ ...still, stages: [{ ...stage0, ventEveryHours: 4 }] }));
    const [before, after] = [kept, burped].map((t) =>
      gaugeBarOf(t.rows.subarray(5 * ROW_SIZE), filled, 22),
    ) as [number, number];
    expect(after / before).toBeGreaterThan(0.68);
    expect(after / before).toBeLessThan(0.85);
    expect(value(burped, 5, CO2) / value(kept, 5, CO2)).toBeGreaterThan(0.94);
  });

  test('a transfer leaves the headspace behind; the same bottle cooled keeps all', () => {
    const sealed = { hours: 5, vessel: 'sealed' as const, celsius: 22, headspaceMl: 200 };
    const cooled = simulate(
      scenario({ starter: { kind: 'none' }, co2Volumes: 2, stages: [sealed, { ...sealed, celsius: 4 }] }),
    );
    const moved = simulate(
      scenario({
        starter: { kind: 'none' },
        co2Volumes: 2,
        stages: [sealed, { ...sealed, headspaceMl: 60 }],
      }),
    );
    expect(value(cooled, 10, CO2)).toBeCloseTo(value(cooled, 0, CO2), 9);
    expect(value(moved, 10, CO2)).toBeLessThan(value(moved, 0, CO2) * 0.9);
    expect(value(moved, 10, CO2) + value(moved, 10, ESCAPED)).toBeCloseTo(value(moved, 0, CO2), 9);
  });

  test('vinegar needs air', () => {
    const acid = (vessel: 'open' | 'sealed') => {
      const t = simulate(
        scenario({
          base: 'black-tea',
          starter: { kind: 'tea-mother', amountPerLitre: 120 },
          stages: [{ hours: 200, vessel, celsius: 26 }],
        }),
      );
      return value(t, 200, ACETIC);
    };
    expect(acid('open')).toBeGreaterThan(1);
    expect(acid('sealed')).toBe(0);
  });
});

describe('the parts of a ferment', () => {
  test('activity is 1 at the best temperature, 0 past the most, and small in the cold', () => {
    expect(temperatureResponse(34, cardinal.yeast)).toBeCloseTo(1, 9);
    expect(temperatureResponse(43, cardinal.yeast)).toBe(0);
    expect(temperatureResponse(4, cardinal.yeast)).toBeCloseTo(0.036, 9);
    expect(temperatureResponse(3, cardinal.acetic)).toBe(0);
  });

  test('crowded grains do less each', () => {
    const one = inoculum('water-kefir-grains', 50, false).yeast;
    expect(inoculum('water-kefir-grains', 100, false).yeast / one).toBeCloseTo(2 ** 0.55, 6);
    expect(inoculum('bare', 0, true).yeast).toBeGreaterThan(inoculum('bare', 0, false).yeast);
  });

  const none = { lactic: 0, acetic: 0, citric: 0, malic: 0, co2Moles: 0, mineralCharge: 0 };
  test('pH of known solutions', () => {
    // 0.1 mol/L acetic acid is pH 2.88, 0.01 mol/L lactic 2.9, soda water at 1 atm 3.9 (CRC Handbook; ideal).
    expect(acidity({ ...none, acetic: 6.005 }, 7)).toBeCloseTo(2.88, 1);
    expect(acidity({ ...none, lactic: 0.9 }, 7)).toBeCloseTo(2.96, 1);
    expect(acidity({ ...none, co2Moles: 0.034 }, 5)).toBeCloseTo(3.9, 1);
    expect(acidity(none, 4)).toBeCloseTo(7, 1);
  });

  test('more acid is never less sour, from any guess', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 2, max: 8.5, noNaN: true }),
        (lactic, guess) => {
          const mix = { ...none, lactic, citric: 1, mineralCharge: 0.01 };
          expect(acidity({ ...mix, lactic: lactic + 0.5 }, guess)).toBeLessThanOrEqual(
            acidity(mix, guess) + 0.004,
          );
        },
      ),
      { seed: 3 },
    );
  });

  test('the documented scenario parses, with its defaults', () => {
    const parsed = Scenario.parse(scenarioExample);
    expect(parsed).toMatchObject({ members: 400, seed: 7, stepHours: 1, co2Volumes: 0 });
    expect(value(simulate(parsed), 24, PH)).toBeGreaterThan(2.9);
  });
});
