import { peopleOf } from './people';
import { leftOf, timerKey, timersOf } from './timers';

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
      'a:simmer': clock('simmer', 0, 900),
      'a:cool': clock('cool', 0, 500),
      'a:back': clock('back', 900, 100),
      'a:x': { lotId: 'a' },
    },
  };
  const timers = timersOf({ kept });
  expect(timers.map(({ step }) => step)).toEqual(['cool', 'simmer']);
  expect([leftOf(timers[0]!, 300), leftOf(timers[0]!, 501)]).toEqual([200, 0]);
  expect(timerKey('a', 'cool')).toBe(timers[0]!.key);
  expect(timersOf({ kept: {} })).toEqual([]);
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
