import { absentAt } from '../../kitchen/absence';
import { awakeHours, kitchensOf, lookTable, valuesAt } from './decision-inputs';
import { handmadeRun } from '../handmade.test-tool';
import { hourMs } from '../../duration';

/** A Monday at seven. */
const start = new Date(2026, 4, 4, 7).getTime();
const waking = { from: 7 * 60, to: 22 * 60 + 30 };
const clock = (hour: number) => {
  const date = new Date(start + hour * hourMs);
  return date.getHours() + date.getMinutes() / 60;
};

test('acts are tried on full hours of the clock, at bed time and on getting up', () => {
  const hours = awakeHours({ nowHour: 0.4, end: 41, start, waking, every: 3 });
  expect(hours[0]).toBe(0.4);
  expect(hours.slice(1).map(clock)).toEqual([9, 12, 15, 18, 21, 22.5, 7, 9, 12, 15, 18, 21, 22.5]);
  // While time goes on, moments stay where they are.
  expect(awakeHours({ nowHour: 3.1, end: 41, start, waking, every: 3 }).slice(1).map(clock)).toEqual([
    12, 15, 18, 21, 22.5, 7, 9, 12, 15, 18, 21, 22.5,
  ]);
});

test('who is out is asked as they leave and as they come home, at weekends at any hour', () => {
  const absence = { weekdays: [480, 1050], weekends: null } as const;
  const hours = awakeHours({ nowHour: 0, end: 24 * 7, start, waking, every: 3, absence });
  expect(hours.slice(0, 5).map(clock)).toEqual([7, 8, 17.5, 21, 22.5]);
  expect(hours.filter((hour) => absentAt(start + hour * hourMs, absence))).toEqual([]);
  const saturday = hours.filter((hour) => new Date(start + hour * hourMs).getDay() === 6).map(clock);
  expect(saturday).toEqual([7, 9, 12, 15, 18, 21, 22.5]);
  // Asked while out, now is possible all the same.
  expect(
    awakeHours({ nowHour: 4, end: 30, start, waking, every: 3, absence }).slice(0, 2).map(clock),
  ).toEqual([11, 17.5]);
});

const run = handmadeRun({
  hours: [0, 10],
  members: 3,
  weights: [0.5, 0.3, 0.2],
  row: (m, hour) => ({ SUCROSE: 60 - m * hour, PH: 4 }),
});

test('kitchens and their values between reports; results of a look sum to one in each', () => {
  const kitchens = kitchensOf(run);
  expect([...kitchens.members]).toEqual([0, 1, 2]);
  expect([...kitchens.weights]).toEqual([0.5, 0.3, 0.2]);
  const sweet = valuesAt(run, 'sweetnessGramsPerLitre', 5);
  expect([0, 1, 2].map((m) => Number(sweet(m).toFixed(4)))).toEqual([60, 55, 50]);
  const table = lookTable(run, kitchens, {
    kind: 'sweet',
    hours: [0, 5],
    cost: 0.02,
    fromHour: 0,
    misread: 0.1,
  });
  expect(table.results).toEqual(['1', '2', '3', '4', '5']);
  for (const m of [0, 1, 2])
    expect(table.chances[1]!.reduce((sum, each) => sum + each[m]!, 0)).toBeCloseTo(1, 9);
  // 55 g/L is the edge between a three and a four: each is said as often.
  expect(table.chances[1]![2]![1]).toBeCloseTo(table.chances[1]![3]![1]!, 1);
});
