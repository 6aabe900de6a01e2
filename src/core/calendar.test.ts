import { lastOnClock, minuteOfDay, nextOnClock, onClock } from './calendar';
import { eveningBefore, lastAwake, nextAwake, usualWaking } from './kitchen/waking';

/** Local instants of the days on which the clock is changed: 29 March forward from 1:00, 25 October back from 2:00. */
const march = (day: number, hour: number, minute = 0) => new Date(2026, 2, day, hour, minute).getTime();
const october = (day: number, hour: number, minute = 0) => new Date(2026, 9, day, hour, minute).getTime();

test('a minute of the day is what the clock shows, on days of 23, 24 and 25 hours', () => {
  for (const day of [march(28, 12), march(29, 12), october(24, 12), october(25, 12), october(26, 12)])
    for (const minute of [0, 7 * 60, 1_350, 1_439]) expect(minuteOfDay(onClock(day, minute))).toBe(minute);
  expect(onClock(march(29, 12), 1_440)).toBe(march(30, 0));
  expect(march(30, 0) - onClock(march(29, 12), 0)).toBe(23 * 3_600_000);
});

test('a time that the clock leaps over is an hour later', () => {
  expect(onClock(march(29, 12), 90)).toBe(march(29, 2, 30));
});

test('the last and the next time the clock shows a minute are the instant itself, or within a day of it', () => {
  expect([lastOnClock(march(28, 20), 1_200), nextOnClock(march(28, 20), 1_200)]).toEqual([
    march(28, 20),
    march(28, 20),
  ]);
  expect(lastOnClock(march(29, 12), 1_200)).toBe(march(28, 20));
  expect(nextOnClock(october(24, 21), 1_200)).toBe(october(25, 20));
});

test('who goes to bed at 22:30 and rises at 7:00 does so when the clock is changed too', () => {
  expect(lastAwake(march(29, 5), usualWaking)).toBe(march(28, 22, 30));
  expect(nextAwake(march(28, 23), usualWaking)).toBe(march(29, 7));
  expect(lastAwake(october(25, 5), usualWaking)).toBe(october(24, 22, 30));
  expect(nextAwake(october(24, 23), usualWaking)).toBe(october(25, 7));
  // Days off, at eight in the evening before: on the day of the change as on any other.
  expect(eveningBefore(march(29, 14), march(20, 0))).toBe(march(28, 20));
});
