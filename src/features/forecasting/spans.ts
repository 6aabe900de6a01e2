import type { BatchState, BottleState } from '@/core/brew/batch-state';
import { chillReason } from '@/core/forecast/reasons';
import type { Window } from '@/core/forecast/windows';
import { vesselKind } from '@/core/gas/vessels';
import type { ForecastSpans, Span } from '@/core/today/agenda';
import type { ForecastBook } from './forecast-book';

const hourMs = 3_600_000;

/** A window on the forecast's clock as a span on the wall's. */
export const onTheClock = (window: Window, start: number): Span => ({
  from: start + window.earliest * hourMs,
  until: start + window.latest * hourMs,
  fromSoftHours: window.earliestSpread,
  untilSoftHours: window.latestSpread,
});

/** What the book says about chilling and bottling, as spans with reasons. */
export function forecastSpans(
  book: ForecastBook,
  celsius: number,
  batchOf: (bottle: BottleState) => BatchState | undefined,
): ForecastSpans {
  return {
    chill: ([bottle]) => {
      const batch = bottle && batchOf(bottle);
      const answer = bottle && book.forBottle(bottle);
      if (!batch?.pitchedAt || !answer?.chill) return null;
      const kind = vesselKind(bottle!.vessel);
      const because = chillReason(answer.chill, batch.wantedVolumes, kind.limitBar, kind.name, celsius);
      return { ...onTheClock(answer.chill, batch.pitchedAt), because };
    },
    bottle: (batch) => {
      const answer = book.forBatch(batch);
      if (!batch.pitchedAt || !answer?.taste) return null;
      const because = `at ${celsius.toFixed(1)} °C its sugar is then eaten far enough, and what is left makes the fizz and some sweetness.`;
      return { ...onTheClock(answer.taste, batch.pitchedAt), because };
    },
  };
}

/** Median pressure and its 95 % edge at an instant, bar gauge, or null without an answer. */
export function pressureAt(book: ForecastBook, bottle: BottleState, batch: BatchState, now: number) {
  const answer = book.forBottle(bottle);
  if (!answer || batch.pitchedAt === null) return null;
  const hour = (now - batch.pitchedAt) / hourMs;
  const { hours } = answer.run;
  let index = 0;
  while (index < hours.length - 1 && hours[index + 1]! <= hour) index += 1;
  return {
    median: answer.series.gauge[index]![2],
    edge: answer.series.gauge[index]![4],
    volumes: answer.series.fizz[index]![2],
  };
}
