import fc from 'fast-check';
import { hourMs } from '../duration';
import { hoursAt } from '../kitchen/pace';
import { celsiusAt, placeIds, type Warmths } from '../kitchen/places';
import { partOf } from '../part-of.test-tool';
import { daysLived } from './days-lived';
import type { Lot, LotEvent } from './lot';
import { placeAt } from './place-at';

const start = Date.UTC(2026, 2, 1);
const warmths: Warmths = {
  counter: [
    { at: start - 1, celsius: 22 },
    { at: start + 40 * hourMs, celsius: 30 },
  ],
};
const moved = (hours: number, place: Lot['place']): LotEvent => ({
  at: start + hours * hourMs,
  entryId: 'e',
  kind: 'moved',
  place,
});
const jar = (events: readonly LotEvent[]) => partOf<Lot>({ firstPlace: 'counter', events });

test('a day at 22 °C is one, at 30 about two, in the fridge hardly any', () => {
  const lived = (from: number, to: number, events: readonly LotEvent[] = []) =>
    daysLived(jar(events), warmths, start + from * hourMs, start + to * hourMs);
  expect(lived(0, 24)).toBeCloseTo(1, 9);
  expect(lived(48, 72)).toBeCloseTo(1.09 ** 8, 9);
  // 4 °C counts as 12, where the pace ends.
  expect(lived(0, 24, [moved(-5, 'fridge')])).toBeCloseTo(1.09 ** -10, 9);
  expect([lived(5, 5), lived(9, 5)]).toEqual([0, 0]);
});

test('whatever it was moved, it is what each stretch at its place comes to', () => {
  const moves = fc.array(
    fc.record({ hours: fc.integer({ min: -20, max: 130 }), place: fc.constantFrom(...placeIds) }),
  );
  fc.assert(
    fc.property(
      moves,
      fc.integer({ min: 0, max: 60 }),
      fc.integer({ min: 0, max: 120 }),
      (list, from, length) => {
        const events = [...list]
          .sort((a, b) => a.hours - b.hours)
          .map(({ hours, place }) => moved(hours, place));
        const lot = jar(events);
        let days = 0;
        for (let hour = from; hour < from + length; hour += 3) {
          const at = start + hour * hourMs;
          days += Math.min(3, from + length - hour) / hoursAt(24, celsiusAt(warmths, placeAt(lot, at), at));
        }
        const until = start + (from + length) * hourMs;
        expect(daysLived(lot, warmths, start + from * hourMs, until)).toBeCloseTo(days, 9);
      },
    ),
    { seed: 7, numRuns: 200 },
  );
});
