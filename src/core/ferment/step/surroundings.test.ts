import { knownCultures } from '../../cultures/registry';
import { cardinal, temperatureResponse } from '../relations/cardinal-temperature';
import { dyingOfHeat, fallingAsleepAt, heatDeath } from '../relations/heat-death';
import { doseAlive, lagOfAged } from '../scenario/dose-age';
import { readied } from '../relations/readiness';
import { surfaceAt, surfaceOf } from './surface';

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
      airing: expect.closeTo((0.01 * 82) / 24, 9),
      pellicle: expect.closeTo((0.01 * 36) / 24, 9),
    });
    expect(surfaceAt({ ...wide, stirred: true }, 1000)).toEqual({
      exchange: expect.closeTo(0.45, 9),
      alcoholLost: expect.closeTo(0.011, 9),
      airing: expect.closeTo((0.01 * 82 * 1.5) / 24, 9),
      pellicle: 0,
    });
  });

  test('a water lock lets a fiftieth of the air in and no gas back; a seal nothing', () => {
    const locked = surfaceAt({ ...stage, vessel: 'airlock', surfaceCm2: 100 }, 1000);
    expect([locked.exchange, locked.alcoholLost]).toEqual([0, 0]);
    expect(locked.airing).toBeCloseTo((0.02 * 0.01 * 82) / 24, 12);
    expect(surfaceAt({ ...stage, vessel: 'sealed' }, 1000).airing).toBe(0);
  });
});
