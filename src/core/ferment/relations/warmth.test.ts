import { co2SolubilityInWater } from '../../gas/co2-solubility';
import { cardinal, temperatureResponse } from './cardinal-temperature';
import { nominalMember } from '../state/member';
import { driftOf, swingOfDay } from '../step/straying';
import { atPlace, columns, inTheCold, placeOf } from './warmth';

const everywhere = Array.from({ length: 640 }, (_, i) => -4.93 + i / 10);

test('the table’s columns are the formulas', () => {
  for (const celsius of everywhere) {
    const place = placeOf(celsius);
    expect(atPlace(place, columns.SOLUBLE) / (co2SolubilityInWater(celsius) / 1.01325)).toBeCloseTo(1, 5);
    if (celsius < 12) continue;
    const yeast = temperatureResponse(celsius, cardinal.yeast);
    expect(Math.abs(atPlace(place, columns.YEAST) - yeast)).toBeLessThan(1e-4);
    const lactic = temperatureResponse(celsius, cardinal.lactic);
    expect(Math.abs(atPlace(place, columns.LACTIC) - lactic)).toBeLessThan(1e-4);
    const acetic = temperatureResponse(celsius, cardinal.acetic);
    expect(Math.abs(atPlace(place, columns.ACETIC) - acetic)).toBeLessThan(1e-4);
  }
});

test('beyond the table its ends count', () => {
  expect(placeOf(-40)).toBe(0);
  expect(atPlace(placeOf(80), columns.YEAST)).toBe(0);
  expect(atPlace(placeOf(80), columns.SOLUBLE)).toBeCloseTo(co2SolubilityInWater(60) / 1.01325, 6);
});

test('the cold floor is that of the response, however active the culture is in the cold', () => {
  for (const celsius of [-1, 2, 4, 6, 9, 11.9])
    for (const activity of [0.5, 1, 2, 40]) {
      const cold = activity * Math.exp(0.12 * (celsius - 4));
      const yeast = inTheCold(cardinal.yeast, atPlace(placeOf(celsius), columns.YEAST), cold);
      expect(yeast).toBeCloseTo(temperatureResponse(celsius, cardinal.yeast, activity), 4);
      const lactic = inTheCold(cardinal.lactic, atPlace(placeOf(celsius), columns.LACTIC), cold);
      expect(lactic).toBeCloseTo(temperatureResponse(celsius, cardinal.lactic, activity), 4);
    }
});

test('a pace strays by its early and its late drift', () => {
  const member = { ...nominalMember, earlyDrift: 0.2, lateDrift: -0.5 };
  for (const hour of [0, 0.3, 7, 20, 91.2, 400, 599])
    expect(driftOf(member, hour)).toBeCloseTo(
      Math.exp(0.2 * (1 - Math.exp(-hour / 20)) - 0.5 * (1 - Math.exp(-hour / 90))),
      4,
    );
  expect(driftOf(member, 5000)).toBe(driftOf(member, 600));
  expect(driftOf(nominalMember, 50)).toBe(1);
});

test('the day swings as a sine, before its first morning too', () => {
  for (const hours of [-31.4, -6, 0, 0.5, 6, 11.99, 18, 23.999, 24, 100.3])
    expect(swingOfDay(hours)).toBeCloseTo(Math.sin((hours * Math.PI) / 12), 4);
});
