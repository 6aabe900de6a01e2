import { planDays } from './plan-days';

const at = (day: number, hour: number) => new Date(2026, 9, day, hour).getTime();

test('each thing stands on the day its window opens, what is bought on its last; days without any are there too', () => {
  const days = planDays(
    [
      {
        wishId: 'w',
        prepared: [{ kind: 'buy', from: at(22, 9), until: at(23, 20) }],
        outline: {
          steps: [
            { kind: 'brew', from: at(24, 9), until: at(24, 10) },
            { kind: 'taste', from: at(25, 9), until: at(27, 9) },
            { kind: 'bottle', from: at(25, 9), until: at(27, 9) },
            { kind: 'chill', from: at(26, 18), until: Infinity },
            { kind: 'pour', from: Infinity, until: Infinity },
          ],
        },
      },
    ],
    at(22, 9),
    7,
  );
  // The clocks go back on the 25th: still one row a day.
  expect(days.map(({ day }) => new Date(day).getDate())).toEqual([22, 23, 24, 25, 26, 27, 28]);
  expect(days.map(({ items }) => items.map(({ kind }) => kind))).toEqual([
    [],
    ['buy'],
    ['brew'],
    ['bottle'],
    ['chill'],
    [],
    [],
  ]);
});

test('a window that is open already stands on today', () => {
  const steps = [{ kind: 'bottle' as const, from: at(20, 9), until: at(23, 9) }];
  const [today] = planDays([{ wishId: 'w', prepared: [], outline: { steps } }], at(22, 15), 1);
  expect(today!.items).toEqual([{ wishId: 'w', kind: 'bottle', from: at(20, 9), until: at(23, 9) }]);
});
