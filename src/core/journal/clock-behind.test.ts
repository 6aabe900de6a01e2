import { clockBehind } from './clock-behind';
import type { Entry } from './entry';
import { nextId } from './instant-id';
import { dayMs } from '../duration';

const now = Date.UTC(2026, 10, 30, 12);
/** An entry written by a clock that says `clock`, of an instant. */
const written = (clock: number, at = clock, last = { ms: 0, count: 0 }): Entry => ({
  kind: 'temperature-set',
  place: 'counter',
  celsius: 21,
  id: nextId(last, clock, 'abcd').id,
  at,
  offset: 0,
  version: 2,
});
const year = [1, 20, 90, 200, 300].map((days) => written(now - days * dayMs));

test('a clock a year back: the newest entry is gone by', () => {
  expect(clockBehind(year, now)).toBeNull();
  expect(clockBehind(year, now - 365 * dayMs)).toBe(now - dayMs);
  // A month back, in a journal of a year: what was written this month lies ahead.
  expect(clockBehind([...year, written(now)], now - 30 * dayMs)).toBe(now);
});

test('a clock that was ahead for an evening, and is right again, is not behind', () => {
  const evening = [0, 1, 2, 3].map((minutes) => written(now + 365 * dayMs + minutes * 60_000));
  expect(clockBehind([...year, ...evening], now)).toBeNull();
  // Since then ids count on from the clock that was ahead, but speak of their own time.
  const ms = now + 365 * dayMs + 200_000;
  const since = written(now + 2 * dayMs, now + 2 * dayMs, { ms, count: 0 });
  const weeks = [0, 1, 2].map((days) => written(now + (365 + days) * dayMs));
  expect(clockBehind([...year, ...weeks], now)).toBe(now + 367 * dayMs);
  expect(clockBehind([...year, ...weeks.slice(0, 1), since], now + 2 * dayMs)).toBeNull();
});

test('one date typed wrongly is no clock', () => {
  expect(clockBehind([...year, written(now, now + 400 * dayMs)], now)).toBeNull();
  expect(clockBehind([], now)).toBeNull();
});
