import { absentAt, neverAbsent, usualAbsence } from './absence';

const waking = { from: 7 * 60, to: 22 * 60 + 30 };
/** A Monday. */
const at = (day: number, hour: number, minute = 0) => new Date(2026, 5, 1 + day, hour, minute).getTime();
const until = at(60, 12);
const working = (weeks: number): number[] =>
  Array.from({ length: weeks }, (_, week) =>
    [0, 1, 2, 3, 4].flatMap((day) => [
      at(7 * week + day, 7, 40),
      at(7 * week + day, 17, 35),
      at(7 * week + day, 21),
    ]),
  ).flat();

test('who does things before eight and after half past five on working days is out between, to the half hour', () => {
  expect(usualAbsence(working(2), waking, until)).toEqual({ weekdays: [480, 1050], weekends: null });
  // Seven days say nothing yet.
  expect(usualAbsence(working(2).slice(0, 21), waking, until)).toEqual(neverAbsent);
});

test('one day off in twenty does not end it, one in ten does; what is long past is forgotten', () => {
  expect(usualAbsence([...working(4), at(2, 12)], waking, until).weekdays).toEqual([480, 1050]);
  const often = [...working(4), at(2, 12), at(9, 12)];
  expect(usualAbsence(often, waking, until).weekdays).toEqual([750, 1050]);
  expect(usualAbsence(working(2), waking, at(80, 12))).toEqual(neverAbsent);
  expect(usualAbsence(working(2), waking, at(-5, 12))).toEqual(neverAbsent);
});

test('silence after the last act of the day is no absence, nor a short one', () => {
  const mornings = Array.from({ length: 12 }, (_, day) => at(day, 9)).filter(
    (each) => new Date(each).getDay() % 6,
  );
  expect(usualAbsence(mornings, waking, until).weekdays).toBeNull();
  const often = Array.from({ length: 12 }, (_, day) =>
    [8, 11, 14, 17, 20].map((hour) => at(day, hour)),
  ).flat();
  expect(usualAbsence(often, waking, until).weekdays).toBeNull();
});

test('silence that chance would leave is not taken for absence', () => {
  // Nine working days with one act each: six hours of silence would have held three of them.
  const few = [0, 1, 2, 3, 4, 7, 8, 9, 10].map((day, i) => at(day, i % 2 ? 9 : 15));
  expect(usualAbsence(few, waking, until).weekdays).toBeNull();
  // The same twice a day over five weeks: 50 acts, of which 19 would have fallen there.
  const many = Array.from({ length: 35 }, (_, day) => day)
    .filter((day) => day % 7 < 5)
    .flatMap((day) => [at(day, 9), at(day, 15)]);
  expect(usualAbsence(many, waking, until).weekdays).toEqual([570, 900]);
});

test('an instant within an absence is told its ends; its edges are at home', () => {
  const absence = { weekdays: [480, 1050], weekends: null } as const;
  expect(absentAt(at(1, 12), absence)).toEqual([at(1, 8), at(1, 17, 30)]);
  expect([at(1, 8), at(1, 17, 30), at(1, 7, 59), at(5, 12)].map((each) => absentAt(each, absence))).toEqual([
    null,
    null,
    null,
    null,
  ]);
});

test('what a household says of its hours goes before what was learned, on its days alone', () => {
  const said = { days: [1, 2], span: [540, 1020] } as const;
  const absence = { weekdays: [480, 1050], weekends: null, said } as const;
  const monday = new Date(2026, 5, 1, 12).getTime();
  const hours = (span: readonly number[] | null) => span?.map((each) => new Date(each).getHours());
  expect(hours(absentAt(monday, absence))).toEqual([9, 17]);
  // Wednesday is as it was learned; at eight on a Monday somebody is at home by what was said.
  expect(hours(absentAt(monday + 48 * 3_600_000, absence))).toEqual([8, 17]);
  expect(absentAt(monday - 4 * 3_600_000 + 1800_000, absence)).toBeNull();
});
