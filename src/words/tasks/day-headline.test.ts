import { dayHeadline } from './day-headline';
import { hourMs } from '@/core/duration';

/** A Monday at eight. */
const now = new Date(2026, 4, 4, 8).getTime();
const due = (from: number, until: number) => ({ from: now + from * hourMs, until: now + until * hourMs });

test.each([
  ['nothing at all', [], 'Nothing is due yet'],
  ['only what comes', [due(2.1, 4)], 'Nothing is due yet'],
  ['what opens within two hours', [due(2, 4)], 'One thing this morning'],
  ['what is late', [due(-30, -6)], 'One thing this morning'],
  ['what can wait till tomorrow', [due(-1, 18.1)], 'Nothing presses today'],
  ['till tonight, and till tomorrow', [due(0, 18), due(0, 19)], 'One thing this morning, one later'],
  [
    'two now, two to come',
    [due(0, 1), due(1, 2), due(5, 6), due(9, 10)],
    'Two things this morning, two later',
  ],
])('the day in a line: %s', (_, all, said) => {
  expect(dayHeadline(all, now)).toBe(said);
});

test.each([
  [0, 'One thing tonight'],
  [4, 'One thing this morning'],
  [14, 'One thing this afternoon'],
  [18, 'One thing before bed'],
  [22, 'One thing tonight'],
])('at %i o’clock', (hour, said) => {
  const then = new Date(2026, 4, 4, hour).getTime();
  expect(dayHeadline([{ from: then, until: then + hourMs }], then)).toBe(said);
});
