import { peopleOf } from './people';
import { leftOf, timerKey, timersOf } from './timers';

const t = Date.UTC(2026, 4, 4);

test('clocks of the kitchen, the next to ring first; what is damaged is none', () => {
  const clock = (step: string, from: number, until: number) => ({
    lotId: 'a',
    step,
    label: step,
    from,
    until,
  });
  const kept = {
    timer: {
      'a:simmer': clock('simmer', t, t + 900),
      'a:cool': clock('cool', t, t + 500),
      'a:back': clock('back', t + 900, t + 100),
      'a:far': clock('far', t, 1e300),
      'a:x': { lotId: 'a' },
    },
  };
  const timers = timersOf({ kept });
  expect(timers.map(({ step }) => step)).toEqual(['cool', 'simmer']);
  expect([leftOf(timers[0]!, t + 300), leftOf(timers[0]!, t + 501)]).toEqual([200, 0]);
  expect(timerKey('a', 'cool')).toBe(timers[0]!.key);
  expect(timersOf({ kept: {} })).toEqual([]);
});

test.each([
  ['no jar', { lotId: 4 }, 0],
  ['no step', { step: null }, 0],
  ['no beginning', { from: '0' }, 0],
  ['no end', { until: undefined }, 0],
  ['no name', { label: 7 }, 1],
  ['run down at once', { until: t + 100 }, 1],
  ['an end beyond all time', { until: 1e300 }, 0],
])('a clock with %s', (_, changed, count) => {
  const whole = { lotId: 'a', step: 'cool', label: 'Cool', from: t + 100, until: t + 900 };
  const timers = timersOf({ kept: { timer: { k: { ...whole, ...changed } } } });
  expect(timers).toHaveLength(count);
  if (count === 1)
    expect(timers[0]!).toEqual({
      key: 'k',
      ...whole,
      ...changed,
      label: 'label' in changed ? '' : 'Cool',
    });
});

test('people by name, with the sweetness they stop at', () => {
  const kept = {
    person: { b: { name: 'Ida', stopsAt: 30 }, a: { name: 'Bo' }, c: { name: '' }, d: { stopsAt: 4 } },
  };
  expect(peopleOf({ kept })).toEqual([
    { key: 'a', name: 'Bo', stopsAt: null },
    { key: 'b', name: 'Ida', stopsAt: 30 },
  ]);
});

test('nobody stops at nothing, or at what is no number', () => {
  const stops = (stopsAt: unknown) =>
    peopleOf({ kept: { person: { a: { name: 'Bo', stopsAt } } } })[0]!.stopsAt;
  expect([stops(0), stops(-3), stops('30'), stops(0.5)]).toEqual([null, null, null, 0.5]);
});
