import { act, render, screen } from '@testing-library/react';
import type { BottledThen } from '@/core/forecast/answer/courses';
import { ThemedPaper } from '@/ui/theme/themed-paper';
import { dayRoles } from '@/ui/theme/roles';
import type { ForecastQueue } from '@/workers/forecast-queue';
import { QueueContext } from './forecasts';
import { BottlingCard } from './bottling-card';
import { DragController } from './drag-controller';
import type { Handle } from './use-handle';

jest.useFakeTimers();

/** Bottled at an hour: so many hours to the fizz, a gram of sugar less for each hour in the jar. */
const then = (hour: number, hoursToFizz: BottledThen['hoursToFizz']): BottledThen => ({
  hour,
  hoursToFizz,
  sweetnessAtBottling: [70 - hour, 75 - hour, 80 - hour, 85 - hour, 90 - hour],
  sweetnessThen: [40 - hour, 45 - hour, 50 - hour, 55 - hour, 60 - hour],
  abvThen: [0.3, 0.5, 0.7, 0.9, 1.1],
});
test('what bottling gives rides with the hand: looked up, written without a render, each part in its turn', async () => {
  const hand = new DragController();
  const handle: Handle = {
    hand,
    min: 5,
    max: 7,
    hourOf: (chosen) => chosen ?? 5,
    drag: () => undefined,
    step: () => undefined,
    words: (hour) => `at ${hour}:00`,
  };
  const asked: unknown[] = [];
  const table = [then(5, [24, 36, 48]), then(6, [20, 30, 40]), then(7, [100, Infinity, Infinity])];
  const bottlings: ForecastQueue['bottlings'] = (runId, hours, wanted) => {
    asked.push([runId, hours, wanted]);
    return Promise.resolve(table.filter(({ hour }) => hours.includes(hour)));
  };
  render(
    <ThemedPaper roles={dayRoles}>
      <QueueContext value={{ bottlings } as ForecastQueue}>
        <BottlingCard runId="plum/0" wantedVolumes={2.5} handle={handle} colour="#aa3355" />
      </QueueContext>
    </ThemedPaper>,
  );
  const card = () => screen.getByTestId('bottling-card').textContent;
  expect(card()).toBe('If you bottle at 5:00Working it out…');
  await act(() => Promise.resolve());
  // The hour at which the handle stands comes first.
  await act(() => Promise.resolve());
  expect(asked).toEqual([
    ['plum/0', [5], 2.5],
    ['plum/0', [5, 6, 7], 2.5],
  ]);
  expect(card()).toBe(
    'If you bottle at 5:0036 h until lively (24 h–2 days)75 g/L sweet going in (65–85), 45 then (35–55). 0.7 % alcohol (0.3–1.1).',
  );
  hand.hold(7);
  jest.advanceTimersByTime(100);
  expect(card()).toBe(
    'If you bottle at 7:00Over a week until lively (4 days or more)73 g/L sweet going in (63–83), 43 then (33–53). 0.7 % alcohol (0.3–1.1).',
  );
});
