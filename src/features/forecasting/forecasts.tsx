import {
  createContext,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/answer/family-answer';
import { rootOf } from '@/core/forecast/question/family-members';
import type { Learned } from '@/core/forecast/ensemble/lessons';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import type { ForecastQueue } from '@/workers/forecast-queue';
import { useFirstAnswers } from './use-first-answers';
import { useStale } from './use-stale';
import { askLessons, learnedBy, lessonsOf, type Finished } from './finished';
import { atFirst, finishedJars, finishedRoots, questionsOf, type PitchedFrom } from './questions';
import { dayMs } from '@/core/duration';

/** Everything the app knows ahead: the newest answers, by lot. */
export interface Forecasts {
  readonly living: readonly Lot[];
  readonly lotAnswer: (lotId: string) => LotAnswer | null;
  readonly familyAnswer: (rootId: string) => FamilyAnswer | null;
  readonly starterAnswer: (lotId: string) => StarterAnswer | null;
  /** What finished batches and jars teach for one of this culture, from this jar or from a packet. */
  readonly learnedFor: (pitch: PitchedFrom) => Learned;
  readonly failed: (rootId: string) => boolean;
  /** Whether something was done since that a lot's answer does not know of yet. */
  readonly stale: (lotId: string) => boolean;
  /** Whether nothing was answered yet at this start: what hangs on forecasts is shown once all of it is there. */
  readonly fresh: boolean;
  /** Whether these are the first answers of this start, which are being worked out closer: what they order may still move. */
  readonly first: boolean;
}

const ForecastsContext = createContext<Forecasts | null>(null);
export const QueueContext = createContext<ForecastQueue | null>(null);

export function useForecasts(): Forecasts {
  const forecasts = useContext(ForecastsContext);
  if (!forecasts) throw new Error('useForecasts is called outside ForecastsProvider');
  return forecasts;
}

const halfHourMs = 1_800_000;

/** Asks the queue for all that lives, and gives the newest answers. Old ones stay until new ones are there. */
export function ForecastsProvider({
  queue,
  household,
  now,
  children,
}: {
  readonly queue: ForecastQueue;
  readonly household: Household;
  readonly now: number;
  readonly children: ReactNode;
}) {
  // What an answer changes may be any card: pages are drawn anew in pieces, so that a tap meanwhile is answered at once.
  const version = useDeferredValue(useSyncExternalStore(queue.subscribe, queue.snapshot));
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  const lots = useMemo(() => everyLot(household), [household]);
  const living = useMemo(() => lots.filter(isLiving), [lots]);
  const finished = useMemo(
    () => ({ roots: finishedRoots(lots, household), jars: finishedJars(lots) }),
    [lots, household],
  );
  const today = Math.floor(now / dayMs) * dayMs;
  const { state, onAsked } = useFirstAnswers(queue, household, living);
  const firstLook = state === 'fresh';
  const fresh = useDeferredValue(firstLook);
  const forecasts = useMemo(
    () => ({ ...readForecasts(queue, household, living, finished, today, version), fresh }),
    [queue, household, living, finished, today, version, fresh],
  );
  const stale = useStale(queue, household, living, version);
  const asked = useRef(new WeakSet<Lot>());
  useEffect(() => {
    for (const { question, rank } of questionsOf(household, living, halfHour, forecasts.learnedFor))
      queue.ask(firstLook ? atFirst(question) : question, rank);
    // Who waits for the first windows does not wait for the page to be idle.
    if (firstLook) void queue.start();
    askLessons(queue, household, finished, asked.current);
    onAsked();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- onAsked belongs to each drawing: it asks nothing
  }, [queue, household, living, finished, halfHour, forecasts, firstLook]);
  const first = state === 'first';
  const whole = useMemo(() => ({ ...forecasts, stale, first }), [forecasts, stale, first]);
  return <ForecastsContext value={whole}>{children}</ForecastsContext>;
}

function readForecasts(
  queue: ForecastQueue,
  household: Household,
  living: readonly Lot[],
  finished: Finished,
  now: number,
  _version: number,
): Omit<Forecasts, 'fresh' | 'first' | 'stale'> {
  const find = (id: string) => lotOf(household, id);
  const learnedFor = learnedBy(lessonsOf(queue, finished, find), now);
  return {
    living,
    lotAnswer: (lotId) => {
      const lot = find(lotId);
      const answer = lot ? queue.familyAnswer(rootOf(lot, find).id) : null;
      return answer?.lots.find((each) => each.lotId === lotId) ?? null;
    },
    familyAnswer: (rootId) => queue.familyAnswer(rootId),
    starterAnswer: (lotId) => queue.starterAnswer(lotId),
    learnedFor,
    failed: (rootId) => queue.hasFailed(rootId),
  };
}
