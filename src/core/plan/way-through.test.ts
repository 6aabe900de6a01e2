import fc from 'fast-check';
import type { Busy } from '../kitchen/busy';
import type { LookTool } from './fizz-hours';
import { isFree } from './free-hours';
import { householdOf, lengthsAlike } from './plan.test-tool';
import { wayThrough } from './way-through';
import { hourMs } from '../duration';

const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, day, hour, minute).getTime();
const free = householdOf().free;
const hands = (busy: readonly Busy[] = [], look: LookTool = 'squeeze') => ({
  free: { ...free, busy },
  look,
  pace: [],
  now: -Infinity,
});

test('one kitchen by hand: pitched at six, right for bottling in the middle of a night, firm thirty hours after', () => {
  // Kitchen 0 is late (every fifth): 1 is not.
  const lengths = lengthsAlike([
    [30, 60, 30, 48],
    [30, 60, 30, 48],
  ]);
  const way = wayThrough(lengths, 1, at(1, 18), hands());
  // 30 hours after Monday 18:00 is Wednesday 0:00: bottled when somebody is up, at 7:00; firm on Thursday at 13:00.
  expect(way.bottledAt).toBe(at(3, 7));
  expect(way.chilledAt).toBe(at(4, 13));
  expect(way.glassAt).toBe(at(5, 13));
  expect(way.good).toBe(true);
  // The late one bottles four hours after, which is still before it is too dry.
  expect(wayThrough(lengths, 0, at(1, 18), hands()).bottledAt).toBe(at(3, 11));
  // Away from Wednesday to Friday: bottled on Friday evening, 96 hours after the pitch, too dry by then.
  const gone = hands([{ from: at(2, 20), until: at(5, 18) }]);
  expect(wayThrough(lengths, 1, at(1, 18), gone)).toMatchObject({ bottledAt: at(5, 18), good: false });
});

test('what never has too much fizz is good however long it stands', () => {
  const kitchen = [24, 60, 30, Infinity] as const;
  expect(wayThrough(lengthsAlike([kitchen, kitchen]), 1, at(1, 18), hands())).toMatchObject({
    bottledAt: at(2, 18),
    good: true,
  });
});

test('who leaves before it is firm, and comes home when it would be too much, chills before', () => {
  // Bottled on Tuesday at 18:00, enough after 24 hours, as wanted after 30, too much after 36: the night lies between.
  const kitchen = [24, 60, 30, 36] as const;
  const quick = lengthsAlike([kitchen, kitchen]);
  expect(wayThrough(quick, 1, at(1, 18), hands())).toMatchObject({
    bottledAt: at(2, 18),
    chilledAt: at(3, 22, 30),
    good: true,
  });
  // Twice as slow to too much: it is met as wanted, in the morning.
  const slow = lengthsAlike([
    [24, 60, 30, 46],
    [24, 60, 30, 46],
  ]);
  expect(wayThrough(slow, 1, at(1, 18), hands())).toMatchObject({ chilledAt: at(4, 7), good: true });
  // Who has no fizz enough as they leave lets it stand, and finds it too much.
  const sudden = lengthsAlike([
    [24, 60, 37, 44],
    [24, 60, 37, 44],
  ]);
  const out = [{ from: at(3, 23), until: at(5, 12) }];
  expect(wayThrough(sudden, 1, at(1, 18), hands(out))).toMatchObject({ chilledAt: at(5, 12), good: false });
});

test('what steeps in the cold is bottled as much later, and is as far', () => {
  const lengths = lengthsAlike([
    [24, 30, 30, 90],
    [24, 30, 30, 90],
  ]);
  const plain = wayThrough(lengths, 1, at(1, 12), hands());
  const steeped = wayThrough({ ...lengths, pauseHours: 24 }, 1, at(1, 12), hands());
  expect([plain.bottledAt, plain.good]).toEqual([at(2, 12), true]);
  expect([steeped.bottledAt, steeped.good]).toEqual([at(3, 12), true]);
});

test('a look with a tool that misleads chills too late', () => {
  const kitchen = [24, 60, 30, 40] as const;
  const lengths = lengthsAlike([kitchen, kitchen]);
  const late = { ...lengths.fizz, wanted: lengths.fizz.wanted.map((row) => row.map((hour) => hour + 20)) };
  const led = { ...lengths, felt: { ...lengths.felt, none: late } };
  expect(wayThrough(led, 1, at(1, 6), hands([], 'gauge')).good).toBe(true);
  expect(wayThrough(led, 1, at(1, 6), hands([], 'none')).good).toBe(false);
});

test('nothing is done before now, whatever was right hours ago, and it is done when somebody is up', () => {
  const hour = fc.integer({ min: 1, max: 200 });
  fc.assert(
    fc.property(hour, hour, hour, hour, fc.integer({ min: 0, max: 300 }), (ready, firm, over, k, gone) => {
      const kitchen = [ready, ready + 100, firm, firm + over] as const;
      const lengths = lengthsAlike(Array.from({ length: 5 }, () => kitchen));
      const now = at(1, 18) + gone * hourMs;
      const way = wayThrough(lengths, k % 5, at(1, 18), { ...hands(), now });
      expect(way.bottledAt).toBeGreaterThanOrEqual(now);
      expect(way.chilledAt).toBeGreaterThanOrEqual(way.bottledAt);
      for (const done of [way.bottledAt, way.chilledAt, way.glassAt]) expect(isFree(done, free)).toBe(true);
      // Closed long ago, it is chilled at the first free moment from now on at the earliest.
      const closed = { bottleAt: at(1, 19), chillAt: null };
      const cold = wayThrough(lengths, k % 5, at(1, 18), { ...hands(), now }, closed);
      expect(cold.bottledAt).toBe(at(1, 19));
      expect(cold.chilledAt).toBeGreaterThanOrEqual(now);
    }),
    { numRuns: 100 },
  );
});
