import { isAwake, lastAwake, nextAwake, usualWaking, whileAwake } from './waking';
import { hoursAt } from './pace';
import { hourMs } from '../duration';

/** Local midnight of a day without a change of clocks. */
const midnight = new Date(2026, 5, 1).getTime();
const at = (hours: number) => midnight + hours * hourMs;
const hours = ({ from, until }: { from: number; until: number }) =>
  [from, until].map((each) => (each - midnight) / hourMs);

describe('waking hours', () => {
  test('the last and the next moment awake', () => {
    expect([6.99, 7, 22.5, 22.6, 2].map((hour) => isAwake(at(hour), usualWaking))).toEqual([
      false,
      true,
      true,
      false,
      false,
    ]);
    const last = (hour: number) => (lastAwake(at(hour), usualWaking) - midnight) / hourMs;
    expect([12, 23, 26, 30.9].map(last)).toEqual([12, 22.5, 22.5, 22.5]);
    const next = (hour: number) => (nextAwake(at(hour), usualWaking) - midnight) / hourMs;
    expect([12, 23, 26, 6.5].map(next)).toEqual([12, 31, 31, 7]);
    // Somebody who is up from noon to two at night.
    const late = { from: 720, to: 120 };
    expect([1, 3, 11, 13].map((hour) => isAwake(at(hour), late))).toEqual([true, false, false, true]);
    expect((lastAwake(at(29), late) - midnight) / hourMs).toBe(26);
  });

  test('a span ends before bed and begins after rising; one that lies in the night is moved before it', () => {
    expect(hours(whileAwake({ from: at(3), until: at(12) }, usualWaking))).toEqual([7, 12]);
    expect(hours(whileAwake({ from: at(20), until: at(27) }, usualWaking))).toEqual([20, 22.5]);
    expect(hours(whileAwake({ from: at(24), until: at(29) }, usualWaking))).toEqual([21, 22.5]);
    expect(hours(whileAwake({ from: at(9), until: at(10) }, usualWaking))).toEqual([9, 10]);
  });

  test('the edges of the day, to the minute', () => {
    const minute = (of: number, waking = usualWaking) => isAwake(midnight + of * 60_000, waking);
    expect([419, 420, 1350, 1351].map((of) => minute(of))).toEqual([false, true, true, false]);
    const late = { from: 720, to: 120 };
    expect([120, 121, 719, 720].map((of) => minute(of, late))).toEqual([true, false, false, true]);
    // Seconds within the minute count for nothing: from 2:17:30 back to 22:30, on to 7:00.
    const odd = at(26) + 17.5 * 60_000;
    expect([lastAwake(odd, usualWaking), nextAwake(odd, usualWaking)]).toEqual([at(22.5), at(31)]);
  });

  test('a span that ends as it begins, awake or asleep', () => {
    expect(hours(whileAwake({ from: at(9), until: at(9) }, usualWaking))).toEqual([9, 9]);
    expect(hours(whileAwake({ from: at(22.5), until: at(24) }, usualWaking))).toEqual([21, 22.5]);
    expect(hours(whileAwake({ from: at(25), until: at(25) }, usualWaking))).toEqual([21, 22.5]);
  });
});

test('hours at 22 °C are those at any warmth between 12 and 34, by nine per cent a degree', () => {
  expect(hoursAt(24, 22)).toBe(24);
  expect(hoursAt(24, 30)).toBeCloseTo(24 / 1.09 ** 8, 9);
  expect(hoursAt(24, 18)).toBeCloseTo(24 * 1.09 ** 4, 9);
  expect([hoursAt(1, 12), hoursAt(1, 5)]).toEqual([1.09 ** 10, 1.09 ** 10]);
  expect([hoursAt(1, 34), hoursAt(1, 40)]).toEqual([1.09 ** -12, 1.09 ** -12]);
});
