import type { Warmths } from '../kitchen/places';
import { bug, dawn, grainsJar } from './bug.test-tool';
import { neglectOf } from './neglect';
import { dayMs } from '../duration';

const at = (celsius: number): Warmths => ({ counter: [{ at: dawn - dayMs, celsius }] });
const of = (days: number, celsius = 22, lot = bug()) => neglectOf(lot, at(celsius), dawn + days * dayMs);

test('a bug fed daily is late after 1.8 days at 22 °C, starved after four, and doubtful after a month', () => {
  expect(of(1.7)).toBeNull();
  expect(of(1.9)).toMatchObject({ state: 'late', days: 1.9 });
  expect(of(4.1)).toMatchObject({ state: 'starved' });
  // Hungry for 29.7 days, 3.3 half-lives of nine: one in two.
  expect(of(30.7)!.survival).toBeCloseTo(0.5, 3);
  expect(of(30.7)!.state).toBe('doubtful');
  // After a week hungry 1/(1 + e^((6/9 − 3.3)/0.6)).
  expect(of(7)!.survival).toBeCloseTo(1 / (1 + Math.exp((6 / 9 - 3.3) / 0.6)), 6);
});

test('warmth hurries it: 27 °C counts 1.09⁵ days a day, 17 °C as much less', () => {
  expect(of(1.3, 27)!.state).toBe('late');
  expect(of(2.5, 17)).toBeNull();
});

test('in the fridge by its weeks, and never what is not fed', () => {
  const cold = { ...bug(), place: 'fridge' as const, firstPlace: 'fridge' as const };
  expect(of(27, 22, cold)).toBeNull();
  expect(of(29, 22, cold)).toMatchObject({ state: 'late' });
  expect(of(45, 22, cold)).toMatchObject({ state: 'starved' });
  // Twice as long and a bit: four weeks times 2.2.
  expect(of(4 * 2.2 * 7, 22, cold)!.survival).toBeCloseTo(0.5, 6);
  expect(of(99, 22, { ...bug(), culture: 'whey' })).toBeNull();
  expect(of(99, 22, { ...bug(), culture: null })).toBeNull();
});

test('grains are late after 1.8 cycles of a day and a half', () => {
  const { lot } = grainsJar();
  expect(of(2.6, 22, lot)).toBeNull();
  expect(of(2.8, 22, lot)!.state).toBe('late');
});

test('a jar forgotten for ten years is as dead as one forgotten for one, and followed no longer', () => {
  expect(of(3650)).toMatchObject({ state: 'doubtful', days: 3650 });
  expect(of(3650)!.survival).toBe(of(400)!.survival);
  expect(of(400, 12)!.survival).toBeLessThan(1e-6);
});
