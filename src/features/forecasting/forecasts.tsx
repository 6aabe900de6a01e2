import {
  createContext,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
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
import { useStale } from './use-stale';
import { askLessons, learnedBy, lessonsOf, type Finished } from './finished';
import {
  atFirst,
  finishedJars,
  finishedRoots,
  questionsOf,
  urgentSubjects,
  type PitchedFrom,
} from './questions';
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
  const firstLook = useFresh(queue, household, living);
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
  }, [queue, household, living, finished, halfHour, forecasts, firstLook]);
  const whole = useMemo(() => ({ ...forecasts, stale }), [forecasts, stale]);
  return <ForecastsContext value={whole}>{children}</ForecastsContext>;
}

/** A kitchen of which nothing is answered yet is waited for no longer than this, ms. */
const freshAtMostMs = 15_000;

/** Fresh from the first look at what lives, if none of it is answered, until all of it is. */
function useFresh(queue: ForecastQueue, household: Household, living: readonly Lot[]): boolean {
  const [standing, setStanding] = useState<'unseen' | 'fresh' | 'settled'>('unseen');
  const subjects = useMemo(() => urgentSubjects(household, living), [household, living]);
  const answered = subjects.filter(
    (id) => queue.familyAnswer(id) ?? queue.starterAnswer(id) ?? queue.hasFailed(id),
  ).length;
  let next = standing;
  if (next === 'unseen' && subjects.length > 0) next = answered > 0 ? 'settled' : 'fresh';
  if (next === 'fresh' && answered === subjects.length) next = 'settled';
  if (next !== standing) setStanding(next);
  useEffect(() => {
    if (next !== 'fresh') return undefined;
    const timer = setTimeout(() => setStanding('settled'), freshAtMostMs);
    return () => clearTimeout(timer);
  }, [next]);
  return next === 'fresh';
}

function readForecasts(
  queue: ForecastQueue,
  household: Household,
  living: readonly Lot[],
  finished: Finished,
  now: number,
  _version: number,
): Omit<Forecasts, 'fresh' | 'stale'> {
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
