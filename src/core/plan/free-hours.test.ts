import fc from 'fast-check';
import { isFree, isFreeFor, joined, lastFree, nextFree, type FreeHours } from './free-hours';
import { isAwake, usualWaking } from '../kitchen/waking';
import { dayMs, hourMs, minuteMs } from '../duration';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, day, hour, minute).getTime();
const free: FreeHours = { waking: usualWaking, busy: [] };

test('busy spans that meet are one, and empty ones none', () => {
  expect(
    joined([
      { from: 8, until: 9 },
      { from: 1, until: 3 },
      { from: 3, until: 5 },
      { from: 6, until: 6 },
      { from: 2, until: 4 },
    ]),
  ).toEqual([
    { from: 1, until: 5 },
    { from: 8, until: 9 },
  ]);
});

test('the next free moment is awake and not busy; a night and a working day lie between', () => {
  const working = { ...free, busy: [{ from: at(2, 8), until: at(2, 17) }] };
  expect(nextFree(at(1, 23), free)).toBe(at(2, 7));
  expect(nextFree(at(2, 7, 30), working)).toBe(at(2, 7, 30));
  expect(nextFree(at(2, 8), working)).toBe(at(2, 17));
  // Busy until after bed time: the morning after.
  expect(nextFree(at(2, 9), { ...free, busy: [{ from: at(2, 8), until: at(2, 23) }] })).toBe(at(3, 7));
  expect(isFreeFor(at(2, 7), hourMs, working)).toBe(true);
  expect(isFreeFor(at(2, 7), 1.5 * hourMs, working)).toBe(false);
  expect(isFreeFor(at(2, 22), hourMs, free)).toBe(false);
});

test('the last free moment lies before a night and before work', () => {
  const working = { ...free, busy: [{ from: at(2, 8), until: at(2, 17) }] };
  expect(lastFree(at(2, 3), free)).toBe(at(1, 22, 30));
  expect(lastFree(at(2, 12), working)).toBe(at(2, 8) - 1);
  expect(lastFree(at(2, 7, 59), working)).toBe(at(2, 7, 59));
  expect(lastFree(at(2, 9), { ...free, busy: [{ from: at(2, 6), until: at(2, 17) }] })).toBe(at(1, 22, 30));
});

/** Half hours around a date, free by nothing but the clock. */
const isFreeByClock = (then: number, { waking, busy }: FreeHours) =>
  isAwake(then, waking) && !busy.some(({ from, until }) => then >= from && then < until);

test('on each half hour, in weeks in which clocks are set too, they are what the clock says', () => {
  const halfHour = 30 * minuteMs;
  const spans = fc.array(fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 1, max: 90 })), {
    maxLength: 6,
  });
  // Nobody gets up or goes to bed in the hour that is left out or comes twice.
  const minutes = fc.integer({ min: 6, max: 47 }).map((half) => 30 * half);
  fc.assert(
    fc.property(
      fc.constantFrom(new Date(2026, 2, 26), new Date(2026, 9, 22), new Date(2026, 6, 1)),
      minutes,
      minutes,
      spans,
      fc.integer({ min: 60, max: 240 }),
      (first, from, to, drawn, start) => {
        fc.pre(from !== to);
        const begun = first.getTime();
        const busy = joined(
          drawn.map(([a, length]) => ({
            from: begun + a * halfHour,
            until: begun + (a + length) * halfHour,
          })),
        );
        const hours = { waking: { from, to }, busy };
        const then = begun + start * halfHour;
        expect(isFree(then, hours)).toBe(isFreeByClock(then, hours));
        const next = nextFree(then, hours);
        const last = lastFree(then, hours);
        let after = then;
        while (!isFreeByClock(after, hours)) after += halfHour;
        expect(next).toBe(after);
        // Before what is busy it is free until the moment before it.
        let before = then;
        while (!isFreeByClock(before, hours) && !isFreeByClock(before - 1, hours)) before -= halfHour;
        expect(last).toBe(isFreeByClock(before, hours) ? before : isAsleepAt(before, hours));
      },
    ),
    { numRuns: 300 },
  );
});

/** The last free moment before one that is not: bed time itself, or the moment before something begins. */
const isAsleepAt = (then: number, { waking }: FreeHours) =>
  isAwake(then, waking) ? then - 1 : then - minuteMs;

test('who is always busy is never free', () => {
  const never = { ...free, busy: [{ from: at(1, 0) - 800 * dayMs, until: at(1, 0) + 800 * dayMs }] };
  expect(nextFree(at(1, 9), never)).toBe(Infinity);
  expect(lastFree(at(1, 9), never)).toBe(-Infinity);
  expect(isFree(at(1, 9), never)).toBe(false);
  // And what never comes is never done.
  expect([nextFree(Infinity, free), lastFree(-Infinity, free)]).toEqual([Infinity, -Infinity]);
  expect(isFree(Infinity, free)).toBe(false);
});
