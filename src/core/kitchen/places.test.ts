import fc from 'fast-check';
import { celsiusAt, changesWithin, meanOfShown, placeIds, type Warmths } from './places';
import { dayMs, hourMs } from '../duration';

const dawn = Date.UTC(2026, 2, 1, 8);
const at = (hours: number) => dawn + hours * hourMs;
const said: Warmths = {
  counter: [
    { at: at(0), celsius: 19 },
    { at: at(30), celsius: 22 },
    { at: at(60), celsius: 25 },
  ],
  'warm-shelf': [{ at: at(50), celsius: 27.5 }],
};

test('what was said last holds until the next word, and the first a day back and no further', () => {
  const counter = (hours: number) => celsiusAt(said, 'counter', at(hours));
  expect([-24.01, -24, -1, 0, 29.99, 30, 59.99, 60, 500].map(counter)).toEqual([
    21, 19, 19, 19, 19, 22, 22, 25, 25,
  ]);
});

test('a place without a word follows the counter at its usual distance; the fridge stands at 4 °C', () => {
  const now = (place: (typeof placeIds)[number]) => celsiusAt(said, place, at(10));
  expect(placeIds.map(now)).toEqual([19, 18, 23, 13, 4]);
  expect(placeIds.map((place) => celsiusAt({}, place, 0))).toEqual([21, 20, 25, 15, 4]);
  expect(celsiusAt({ fridge: [{ at: at(0), celsius: 6 }] }, 'fridge', at(1))).toBe(6);
});

test('its own word goes before the counter’s, from a day before it was said', () => {
  const shelf = (hours: number) => celsiusAt(said, 'warm-shelf', at(hours));
  expect([0, 25.99, 26, 50, 70].map(shelf)).toEqual([23, 23, 27.5, 27.5, 27.5]);
});

test('changes lie where the temperature does change', () => {
  const within = (place: (typeof placeIds)[number], from: number, to: number) =>
    changesWithin(said, place, at(from), at(to)).map((instant) => (instant - dawn) / hourMs);
  expect(within('counter', -48, 100)).toEqual([-24, 30, 60]);
  expect(within('counter', 30, 60)).toEqual([]);
  expect(within('warm-shelf', -48, 100)).toEqual([-24, 26]);
  expect(within('cupboard', 0, 100)).toEqual([30, 60]);
  expect(within('fridge', -48, 100)).toEqual([]);
});

test('a place that swings is warmer by 2/π of its swing from nine to nine, cooler by night, by its own clock', () => {
  // Dawn is eight o'clock UTC, ten in a place two hours east of it.
  const swung: Warmths = { counter: [{ at: at(0), celsius: 22, swing: 3, offset: 120 }] };
  const add = (3 * 2) / Math.PI;
  const counter = (hours: number) => celsiusAt(swung, 'counter', at(hours)) - 22;
  // Ten, then until just before 21:00 (11 h on), then the night until nine, 23 h on.
  expect([0, 10.9, 11, 22.9, 23, 34.9, 35].map(counter)).toEqual(
    [add, add, -add, -add, add, add, -add].map((value) => expect.closeTo(value, 9)),
  );
  expect(changesWithin(swung, 'counter', at(0), at(48)).map((instant) => (instant - dawn) / hourMs)).toEqual([
    11, 23, 35, 47,
  ]);
  expect(celsiusAt(swung, 'warm-shelf', at(0))).toBeCloseTo(26 + add, 9);
  // The mean of a day is the mean.
  const mean = Array.from({ length: 24 }, (_, i) => counter(i + 0.5)).reduce((sum, value) => sum + value, 0);
  expect(mean).toBeCloseTo(0, 9);
  // What a thermometer shows by day is above the mean that is written down, to half a degree.
  expect(meanOfShown(swung, 'counter', at(1), 24, 120)).toEqual({ celsius: 22, swing: 3 });
  expect(meanOfShown({}, 'counter', at(1), 24, 120)).toEqual({ celsius: 24 });
});

test('between two changes a place never changes (property)', () => {
  const history = fc
    .array(
      fc.record({
        at: fc.integer({ min: 0, max: 20 * dayMs }),
        celsius: fc.integer({ min: 2, max: 35 }),
        swing: fc.constantFrom(0, 0, 3),
        offset: fc.constantFrom(0, 120, -300),
      }),
      {
        maxLength: 6,
      },
    )
    .map((steps) => [...steps].sort((a, b) => a.at - b.at));
  fc.assert(
    fc.property(
      fc.record({ counter: history, cupboard: history, fridge: history }),
      fc.constantFrom(...placeIds),
      fc.integer({ min: -2 * dayMs, max: 20 * dayMs }),
      fc.integer({ min: 1, max: 3 * dayMs }),
      (warmths, place, from, span) => {
        const changes = changesWithin(warmths, place, from, from + span);
        expect(changes).toEqual([...changes].sort((a, b) => a - b));
        if (changes.length > 0) return;
        const first = celsiusAt(warmths, place, from);
        for (const share of [0.25, 0.5, 0.999])
          expect(celsiusAt(warmths, place, Math.floor(from + share * span))).toBe(first);
      },
    ),
    { numRuns: 3000 },
  );
});
