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
import type { ForecastDesk } from '@/workers/forecast-desk';
import { useStale } from './use-stale';
import { askLessons, learnedBy, lessonsOf, type Finished } from './finished';
import { atFirst, finishedJars, finishedRoots, questionsOf, reckoned, type PitchedFrom } from './questions';
import { dayMs } from '@/core/duration';

/** Everything the app knows ahead: the newest answers, by lot. */
export interface Book {
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

const BookContext = createContext<Book | null>(null);
export const DeskContext = createContext<ForecastDesk | null>(null);

export function useBook(): Book {
  const book = useContext(BookContext);
  if (!book) throw new Error('the book lies elsewhere');
  return book;
}

const halfHourMs = 1_800_000;

/** Asks the desk for all that lives, and gives the newest answers. Old ones stay until new ones are there. */
export function BookProvider({
  desk,
  household,
  now,
  children,
}: {
  readonly desk: ForecastDesk;
  readonly household: Household;
  readonly now: number;
  readonly children: ReactNode;
}) {
  // What an answer changes may be any card: pages are drawn anew in pieces, so that a tap meanwhile is answered at once.
  const version = useDeferredValue(useSyncExternalStore(desk.subscribe, desk.snapshot));
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  const lots = useMemo(() => everyLot(household), [household]);
  const living = useMemo(() => lots.filter(isLiving), [lots]);
  const finished = useMemo(
    () => ({ roots: finishedRoots(lots, household), jars: finishedJars(lots) }),
    [lots, household],
  );
  const today = Math.floor(now / dayMs) * dayMs;
  const firstLook = useFresh(desk, household, living);
  const fresh = useDeferredValue(firstLook);
  const book = useMemo(
    () => ({ ...readBook(desk, household, living, finished, today, version), fresh }),
    [desk, household, living, finished, today, version, fresh],
  );
  const stale = useStale(desk, household, living, version);
  const asked = useRef(new WeakSet<Lot>());
  useEffect(() => {
    for (const { question, rank } of questionsOf(household, living, halfHour, book.learnedFor))
      desk.ask(firstLook ? atFirst(question) : question, rank);
    // Who waits for the first windows does not wait for the page to be idle.
    if (firstLook) void desk.start();
    askLessons(desk, household, finished, asked.current);
  }, [desk, household, living, finished, halfHour, book, firstLook]);
  const whole = useMemo(() => ({ ...book, stale }), [book, stale]);
  return <BookContext value={whole}>{children}</BookContext>;
}

/** A kitchen of which nothing is answered yet is waited for no longer than this, ms. */
const freshAtMostMs = 15_000;

/** Fresh from the first look at what lives, if none of it is answered, until all of it is. */
function useFresh(desk: ForecastDesk, household: Household, living: readonly Lot[]): boolean {
  const [standing, setStanding] = useState<'unseen' | 'fresh' | 'settled'>('unseen');
  const subjects = useMemo(() => reckoned(household, living), [household, living]);
  const answered = subjects.filter(
    (id) => desk.familyAnswer(id) ?? desk.starterAnswer(id) ?? desk.hasFailed(id),
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

function readBook(
  desk: ForecastDesk,
  household: Household,
  living: readonly Lot[],
  finished: Finished,
  now: number,
  _version: number,
): Omit<Book, 'fresh' | 'stale'> {
  const find = (id: string) => lotOf(household, id);
  const learnedFor = learnedBy(lessonsOf(desk, finished, find), now);
  return {
    living,
    lotAnswer: (lotId) => {
      const lot = find(lotId);
      const answer = lot ? desk.familyAnswer(rootOf(lot, find).id) : null;
      return answer?.lots.find((each) => each.lotId === lotId) ?? null;
    },
    familyAnswer: (rootId) => desk.familyAnswer(rootId),
    starterAnswer: (lotId) => desk.starterAnswer(lotId),
    learnedFor,
    failed: (rootId) => desk.hasFailed(rootId),
  };
}
