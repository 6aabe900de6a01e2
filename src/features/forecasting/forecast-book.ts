import { useEffect, useMemo, useSyncExternalStore } from 'react';
import type { BatchState, BottleState } from '@/core/brew/batch-state';
import { bottlingSweetness } from '@/core/brew/wanted-sweetness';
import type { BatchAnswer, BatchAsk } from '@/core/forecast/batch-answer';
import { batchScenario, bottleGroups, groupBottle } from '@/core/forecast/batch-scenario';
import { learnVigour, type LearnedVigour } from '@/core/forecast/learn';
import { spread } from '@/core/forecast/priors';
import { vesselKind } from '@/core/gas/vessels';
import type { Household } from '@/core/journal/household';
import { forecastDesk } from '@/workers/forecast-client';

/** Everything the app knows ahead: the newest answers, by batch and by group of bottles. */
export interface ForecastBook {
  readonly forBatch: (batch: BatchState) => BatchAnswer | null;
  readonly forBottle: (bottle: BottleState) => BatchAnswer | null;
  readonly learnedOf: (starterId: string) => LearnedVigour;
  readonly failed: (batch: BatchState) => boolean;
}

const jar = (batch: BatchState) => batch.id;
const crate = (bottle: BottleState) => bottle.id;

interface Question {
  readonly subject: string;
  readonly ask: BatchAsk;
}

/** What is worth asking now: jars in their first ferment, each group of closed bottles, and finished batches to learn from. */
function questions(household: Household, now: number, learnedOf: ForecastBook['learnedOf']): Question[] {
  const out: Question[] = [];
  const { warmth } = household;
  const none = learnVigour([], spread.vigour);
  for (const batch of Object.values(household.batches)) {
    const wanted = { wantedVolumes: batch.wantedVolumes, wantedSweetness: bottlingSweetness(batch) };
    const learned = batch.stage === 'finished' ? none : learnedOf(batch.starterId);
    const add = (subject: string, bottle: BottleState | null) => {
      const scenario = batchScenario({ batch, bottle, warmth, learned, now });
      const limitBar = bottle ? vesselKind(bottle.vessel).limitBar : null;
      if (scenario) out.push({ subject, ask: { scenario, limitBar, ...wanted } });
    };
    if (batch.stage === 'first-ferment') add(jar(batch), null);
    for (const group of bottleGroups(batch)) {
      if (batch.stage === 'finished' ? group === bottleGroups(batch)[0] : true)
        add(crate(group[0]!), groupBottle(group));
      if (batch.stage === 'finished') break;
    }
  }
  return out;
}

/** Asks the forecast desk for all that is on view and gives the newest answers. Old ones stay until new ones are there. */
export function useForecastBook(household: Household, now: number): ForecastBook {
  const version = useSyncExternalStore(forecastDesk.subscribe, forecastDesk.snapshot);
  const halfHour = Math.floor(now / 1_800_000) * 1_800_000;
  const book = useMemo(() => readBook(household, version), [household, version]);
  useEffect(() => {
    for (const { subject, ask } of questions(household, halfHour, book.learnedOf))
      forecastDesk.ask(subject, ask);
  }, [household, halfHour, book]);
  return book;
}

function readBook(household: Household, _version: number): ForecastBook {
  const batches = Object.values(household.batches);
  const forBottle = (bottle: BottleState) => {
    const batch = household.batches[bottle.batchId];
    const group = batch && bottleGroups(batch).find((each) => each.some(({ id }) => id === bottle.id));
    return group ? forecastDesk.answerFor(crate(group[0]!)) : null;
  };
  return {
    forBottle,
    forBatch: (batch) =>
      batch.bottles[0]
        ? forBottle(
            batch.bottles.find((b) => !b.opened && b.place === 'counter') ??
              batch.bottles.find((b) => !b.opened) ??
              batch.bottles[0],
          )
        : forecastDesk.answerFor(jar(batch)),
    learnedOf: (starterId) => {
      const finished = batches.filter((batch) => batch.stage === 'finished' && batch.starterId === starterId);
      const lessons = finished.flatMap((batch) => {
        const answer = batch.bottles[0] ? forecastDesk.answerFor(crate(batch.bottles[0])) : null;
        return answer ? [{ logVigour: answer.logVigour.mean, deviation: answer.logVigour.deviation }] : [];
      });
      return learnVigour(lessons, spread.vigour);
    },
    failed: (batch) => forecastDesk.hasFailed(batch.bottles[0] ? crate(batch.bottles[0]) : jar(batch)),
  };
}
