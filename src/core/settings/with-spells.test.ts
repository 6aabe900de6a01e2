import { celsiusAt, type PlaceId, type Warmths } from '../kitchen/places';
import type { Spell } from './spell';
import { withSpells } from './with-spells';
import { hourMs } from '../duration';

describe('a spell laid over the temperatures', () => {
  const warmths: Warmths = { counter: [{ at: 0, celsius: 21 }] };
  const before = (of: Warmths) => (place: PlaceId, at: number) => celsiusAt(of, place, at);
  const hot: Spell = { place: 'counter', from: 100 * hourMs, to: 160 * hourMs, celsius: 34 };
  const at = (of: Warmths, place: PlaceId, hours: number) => celsiusAt(of, place, hours * hourMs);

  test('holds from its beginning to its end, and what follows the counter follows it', () => {
    const laid = withSpells(warmths, [hot], before(warmths));
    expect([99, 100, 130, 159, 160, 300].map((hours) => at(laid, 'counter', hours))).toEqual([
      21, 34, 34, 34, 21, 21,
    ]);
    expect(at(laid, 'warm-shelf', 130)).toBe(38);
    expect(at(laid, 'fridge', 130)).toBe(4);
    expect(withSpells(warmths, [], before(warmths))).toBe(warmths);
  });

  test('a place that swings goes on swinging after it', () => {
    const swings: Warmths = { counter: [{ at: 0, celsius: 21, swing: 3, offset: 0 }] };
    const laid = withSpells(swings, [hot], before(swings));
    const add = (3 * 2) / Math.PI;
    // 161 h is five in the afternoon of the seventh day, 170 h two at night.
    expect([161, 170].map((hours) => at(laid, 'counter', hours))).toEqual(
      [21 + add, 21 - add].map((celsius) => expect.closeTo(celsius, 9)),
    );
  });

  test('a place never spoken of is again what it was', () => {
    const laid = withSpells({}, [hot], before({}));
    expect([60, 99, 130, 161].map((hours) => at(laid, 'counter', hours))).toEqual([21, 21, 34, 21]);
  });

  test('what is read within it counts from then on, after it too', () => {
    const read: Warmths = {
      counter: [
        { at: 0, celsius: 21 },
        { at: 120 * hourMs, celsius: 30 },
      ],
    };
    const laid = withSpells(read, [hot], before(read));
    expect([110, 125, 170].map((hours) => at(laid, 'counter', hours))).toEqual([34, 30, 30]);
  });

  test('two spells, one after the other', () => {
    const cold: Spell = { place: 'counter', from: 200 * hourMs, to: 210 * hourMs, celsius: 12 };
    const laid = withSpells(warmths, [hot, cold], before(warmths));
    expect([150, 180, 205, 215].map((hours) => at(laid, 'counter', hours))).toEqual([34, 21, 12, 21]);
  });

  test('every step of the history it leaves, in order', () => {
    const steps: Warmths = {
      counter: [
        { at: 0, celsius: 20 },
        { at: 100, celsius: 22 },
        { at: 150, celsius: 23 },
        { at: 200, celsius: 24 },
        { at: 260, celsius: 25 },
      ],
    };
    const spell: Spell = { place: 'counter', from: 100, to: 200, celsius: 34 };
    const laid = withSpells(steps, [spell], () => 1).counter!;
    // The reading at its very beginning is laid over, the one within it counts on, the one at its end as well.
    expect(laid.map(({ at: when, celsius }) => [when, celsius])).toEqual([
      [0, 20],
      [100, 22],
      [100, 34],
      [150, 23],
      [200, 23],
      [200, 24],
      [260, 25],
    ]);
    expect(celsiusAt({ counter: laid }, 'counter', 100)).toBe(34);
    expect(celsiusAt({ counter: laid }, 'counter', 200)).toBe(24);
  });

  test('before anything was said the place stands as it is asked to have stood', () => {
    const later: Warmths = { counter: [{ at: 150, celsius: 23 }] };
    const asked: number[] = [];
    const laid = withSpells(later, [{ place: 'counter', from: 100, to: 140, celsius: 34 }], (_, when) => {
      asked.push(when);
      return 19;
    }).counter!;
    expect(laid.map(({ at: when, celsius }) => [when, celsius])).toEqual([
      [99, 19],
      [100, 34],
      [140, 19],
      [150, 23],
    ]);
    expect(new Set(asked)).toEqual(new Set([99]));
  });
});
