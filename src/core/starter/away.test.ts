import type { Entry } from '../journal/entry';
import { bug, dawn, id } from './bug.test-tool';
import { careWhileAway, survivalAfter, wakingFeeds } from './away';
import { dayMs, hourMs } from '../duration';

const from = dawn + 10 * dayMs;
const away = (days: number) => ({ from, to: from + days * dayMs });
const care = (days: number, celsius = 22, lot = bug()) => careWhileAway(lot, away(days), celsius)!;

test('survival in the fridge: a logistic of the weeks against those its kind is kept', () => {
  expect(survivalAfter(4, { restsWeeks: 4 })).toBeCloseTo(1 / (1 + Math.exp(-1.2 / 0.44)), 9);
  expect(survivalAfter(4, { restsWeeks: 4 })).toBeCloseTo(0.9386, 3);
  expect(survivalAfter(8.8, { restsWeeks: 4 })).toBeCloseTo(0.5, 9);
  expect(survivalAfter(0, { restsWeeks: 3 })).toBeGreaterThan(0.99);
  expect(survivalAfter(24, { restsWeeks: 4 })).toBeLessThan(0.001);
});

test('one to three warm feeds wake it', () => {
  expect([0.5, 1, 1.1, 3, 3.1, 9].map(wakingFeeds)).toEqual([1, 1, 2, 2, 3, 3]);
});

describe('a bug fed daily', () => {
  test('stands a day and a half on one feed; longer, it rests', () => {
    expect(care(1.6)).toMatchObject({ how: 'stays', survival: 1, neighbourBy: null, feedUntil: from });
    expect((care(1.6).livelyAt - away(1.6).to) / hourMs).toBeCloseTo(10.8, 6);
    expect(care(1.7).how).toBe('rests');
    // At 27 °C it is hungry sooner: a feed lasts 24/1.09^5 = 15.6 h, and it stands 25.0.
    expect(care(1.1, 27).how).toBe('rests');
    expect(care(1, 27).how).toBe('stays');
  });

  test('two weeks: fed within the last 18 hours, two warm feeds, lively 1.95 days after coming home', () => {
    const two = care(14);
    expect([two.how, two.wakingFeeds, two.neighbourBy]).toEqual(['rests', 2, null]);
    expect([two.feedFrom, two.feedUntil]).toEqual([from - 18 * hourMs, from]);
    expect((two.livelyAt - away(14).to) / dayMs).toBeCloseTo(1.95, 6);
    expect(two.survival).toBeCloseTo(survivalAfter(2, { restsWeeks: 4 }), 9);
  });

  test('six weeks: somebody feeds it after four', () => {
    const six = care(42);
    expect((six.neighbourBy! - from) / dayMs).toBeCloseTo(28, 6);
    expect(six.survival).toBeCloseTo(1 / (1 + Math.exp((1.5 - 2.2) / 0.44)), 6);
  });

  test('in the fridge already it has been hungry since its last feed', () => {
    const moved = bug([
      {
        id: id(9),
        at: dawn + dayMs,
        offset: 0,
        version: 2,
        kind: 'moved',
        lots: [id(0)],
        place: 'fridge',
      } as Entry,
    ]);
    const resting = care(14, 22, moved);
    // Fed at dawn, home after 24 days.
    expect(resting.how).toBe('rests-on');
    expect(resting.survival).toBeCloseTo(survivalAfter(24 / 7, { restsWeeks: 4 }), 9);
    expect(resting.wakingFeeds).toBe(3);
  });
});

test('whey is not fed, only kept cold; what is no kept jar needs nothing', () => {
  const whey = care(5, 22, { ...bug(), culture: 'whey', place: 'fridge' });
  expect([whey.how, whey.wakingFeeds]).toEqual(['rests-on', 0]);
  expect(whey.livelyAt).toBe(away(5).to);
  expect(careWhileAway({ ...bug(), role: 'brew' }, away(5), 22)).toBeNull();
});
