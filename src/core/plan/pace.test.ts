import fc from 'fast-check';
import { instantAfter, paceAhead, paceHours, type PaceStep } from './pace';
import { householdOf, lengthsAlike, monday } from './plan.test-tool';
import { wayThrough } from './way-through';
import { hourMs } from '../duration';

const hot: readonly PaceStep[] = [
  { at: monday + 10 * hourMs, pace: 2 },
  { at: monday + 20 * hourMs, pace: 1 },
];

test('ten hours of heat at twice the pace are worth twenty', () => {
  expect(instantAfter(monday, 10, hot)).toBe(monday + 10 * hourMs);
  expect(instantAfter(monday, 16, hot)).toBe(monday + 13 * hourMs);
  expect(instantAfter(monday, 40, hot)).toBe(monday + 30 * hourMs);
  expect(instantAfter(monday + 12 * hourMs, 4, hot)).toBe(monday + 14 * hourMs);
  expect(instantAfter(monday, Infinity, hot)).toBe(Infinity);
  expect(paceHours(monday, monday + 15 * hourMs, hot)).toBe(20);
  expect(paceHours(monday + 25 * hourMs, monday + 26 * hourMs, hot)).toBe(1);
});

test('what goes by until an instant leads to it again, through any spells', () => {
  const step = fc.record({
    at: fc.integer({ min: -50, max: 400 }),
    pace: fc.double({ min: 0.02, max: 4, noNaN: true }),
  });
  fc.assert(
    fc.property(
      fc.array(step, { maxLength: 6 }),
      fc.double({ min: 0, max: 500, noNaN: true }),
      (drawn, hours) => {
        const steps = drawn
          .sort((a, b) => a.at - b.at)
          .map(({ at, pace }) => ({ at: monday + at * hourMs, pace }));
        const end = instantAfter(monday, hours, steps);
        expect(paceHours(monday, end, steps)).toBeCloseTo(hours, 4);
        expect(end).toBeGreaterThanOrEqual(monday);
      },
    ),
  );
});

test('the pace of a spell is told by its warmth against that of now, and ends with it', () => {
  const warmths = {
    counter: [
      { at: monday - hourMs, celsius: 22 },
      { at: monday + hourMs, celsius: 30 },
      { at: monday + 5 * hourMs, celsius: 22 },
    ],
  };
  const [spell, after] = paceAhead(warmths, monday);
  expect(spell!.at).toBe(monday + hourMs);
  expect(spell!.pace).toBeGreaterThan(1.6);
  expect(spell!.pace).toBeLessThan(2.1);
  expect(after).toEqual({ at: monday + 5 * hourMs, pace: 1 });
  // Seen from within the spell it is usual, and what comes after it slower.
  expect(paceAhead(warmths, monday + 2 * hourMs)).toEqual([
    { at: monday + 5 * hourMs, pace: expect.closeTo(1 / spell!.pace, 9) as number },
  ]);
});

test('a kitchen in the heat is bottled and chilled sooner, by hand', () => {
  // Ready after 30 hours, firm 30 hours later; awake all day.
  const lengths = lengthsAlike([
    [30, 60, 30, 48],
    [30, 60, 30, 48],
  ]);
  const hands = householdOf({ free: { waking: { from: 0, to: 24 * 60 - 1 }, busy: [] } });
  const usual = wayThrough(lengths, 1, monday, hands);
  expect([usual.bottledAt, usual.chilledAt]).toEqual([monday + 30 * hourMs, monday + 60 * hourMs]);
  const warm = wayThrough(lengths, 1, monday, { ...hands, pace: [{ at: monday + 10 * hourMs, pace: 2 }] });
  expect([warm.bottledAt, warm.chilledAt]).toEqual([monday + 20 * hourMs, monday + 35 * hourMs]);
  expect(warm.good).toBe(true);
});
