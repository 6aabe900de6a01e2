import { absenceWords } from './absence-words';

test('when nobody is there is said with what follows; nothing while nothing is known', () => {
  expect(absenceWords({ weekdays: null, weekends: null })).toBeNull();
  expect(absenceWords({ weekdays: [480, 1050], weekends: null })).toBe(
    'You hardly ever note anything on working days between 8:00 and 17:30: looks are planned around it.',
  );
  expect(absenceWords({ weekdays: [480, 1050], weekends: [600, 900] })).toBe(
    'You hardly ever note anything on working days between 8:00 and 17:30, and at weekends between 10:00 and 15:00: looks are planned around it.',
  );
});
