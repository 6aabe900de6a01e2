import type { Watch } from '@/core/tasks/pressure-watch';
import { doNow, markedWords, watchLines } from './watch-words';
import { hourMs } from '@/core/duration';

const now = new Date(2026, 4, 4, 12).getTime();
const watch = (more: Partial<Watch> = {}): Watch => ({
  stage: 'watch',
  share: 0.62,
  edge: 0.84,
  closedBy: null,
  passes: [
    {
      share: 0.7,
      early: now + 3 * hourMs,
      middle: now + 7 * hourMs,
      late: now + 20 * hourMs,
      withinDay: 0.91,
    },
    { share: 0.9, early: now + 9 * hourMs, middle: Infinity, late: Infinity, withinDay: 0.31 },
    { share: 1, early: Infinity, middle: Infinity, late: Infinity, withinDay: 0 },
  ],
  failureNow: 0,
  failureWithinDay: 0.004,
  ...more,
});

test('where it stands, where it goes, and what the glass may do', () => {
  expect(watchLines(watch(), now, false)).toEqual([
    'Now about two thirds of what the bottle bears, perhaps nine tenths.',
    'Seven tenths at 19:00 or so, about nine in ten within a day.',
    'Nine tenths: about one in three within a day.',
    'One of the batch bursts within a day if left warm: about one in two hundred.',
  ]);
  const over = watch({ failureWithinDay: 0, passes: [{ ...watch().passes[0]!, middle: now - hourMs }] });
  expect(watchLines(over, now, true)).toEqual([
    'Now about two thirds of what the bottle bears, perhaps nine tenths.',
  ]);
});

test('what to do now gets graver; past the limit nobody touches it', () => {
  expect(doNow('watch', false)).toMatch(/^Ease one cap/);
  expect(doNow('watch', false, '4')).toMatch(/^Squeeze bottle 4/);
  expect(doNow('chill-now', false)).toMatch(/^Into the fridge now/);
  expect(doNow('do-not-handle', false)).toMatch(/^Do not touch it.*Bring the cold to it.*do not carry it\.$/);
  expect(doNow('do-not-handle', true)).toMatch(/^Leave it closed and cold/);
});

test('why a bottle is marked', () => {
  const marked = (stage: Watch['stage'], more: Partial<Watch> = {}) => markedWords(watch({ stage, ...more }));
  expect([
    marked('at-ease'),
    marked('watch'),
    marked('chill-now', { edge: 1.1 }),
    marked('chill-now', { share: 0.92 }),
    marked('chill-now', { closedBy: 'limit' }),
    marked('chill-now', { closedBy: 'strength' }),
    marked('chill-now', { closedBy: 'fizz' }),
    marked('do-not-handle', { share: 1.2 }),
    marked('do-not-handle'),
  ]).toEqual([
    '',
    'nears its limit within a day',
    'may be at its limit',
    'past nine tenths of what it bears',
    'perhaps at nine tenths of what it bears',
    'more than you accept of its glass',
    'fizzier than wanted from now on',
    'likely past its limit',
    'its glass may give way',
  ]);
});
