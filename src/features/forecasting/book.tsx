import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/family-answer';
import { rootOf } from '@/core/forecast/family-members';
import { learnVigour, type LearnedVigour } from '@/core/forecast/learn';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import { knownCultures } from '@/core/cultures/registry';
import type { ForecastDesk } from '@/workers/forecast-desk';
import { familyOf, finishedRoots, questionsOf, reckoned } from './questions';

/** Everything the app knows ahead: the newest answers, by lot. */
export interface Book {
  readonly living: readonly Lot[];
  readonly lotAnswer: (lotId: string) => LotAnswer | null;
  readonly familyAnswer: (rootId: string) => FamilyAnswer | null;
  readonly starterAnswer: (lotId: string) => StarterAnswer | null;
  readonly learnedOf: (starterId: string) => LearnedVigour;
  readonly failed: (rootId: string) => boolean;
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
  const version = useSyncExternalStore(desk.subscribe, desk.snapshot);
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  const lots = useMemo(() => everyLot(household), [household]);
  const living = useMemo(() => lots.filter(isLiving), [lots]);
  const finished = useMemo(() => finishedRoots(lots, household), [lots, household]);
  const fresh = useFresh(desk, household, living);
  const book = useMemo(
    () => ({ ...readBook(desk, household, living, finished, version), fresh }),
    [desk, household, living, finished, version, fresh],
  );
  useEffect(() => {
    for (const { question, rank } of questionsOf(household, living, halfHour, book.learnedOf))
      desk.ask(question, rank);
    for (const [index, root] of finished.entries()) {
      if (desk.familyAnswer(root.id) !== null) continue;
      const question = familyOf(root, household, root.begunAt, () => null);
      if (question) desk.ask(question, 100 + index);
    }
  }, [desk, household, living, finished, halfHour, book]);
  return <BookContext value={book}>{children}</BookContext>;
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
  finished: readonly Lot[],
  _version: number,
): Omit<Book, 'fresh'> {
  const find = (id: string) => lotOf(household, id);
  const learnt = new Map<string, LearnedVigour>();
  return {
    living,
    lotAnswer: (lotId) => {
      const lot = find(lotId);
      const answer = lot ? desk.familyAnswer(rootOf(lot, find).id) : null;
      return answer?.lots.find((each) => each.lotId === lotId) ?? null;
    },
    familyAnswer: (rootId) => desk.familyAnswer(rootId),
    starterAnswer: (lotId) => desk.starterAnswer(lotId),
    learnedOf: (starterId) => {
      const known = learnt.get(starterId);
      if (known) return known;
      const spread = knownCultures(find(starterId)?.culture ?? null)?.vigourSpread ?? 0.28;
      const lessons = finished
        .filter((root) => pitchOf(root, find)?.fromLotId === starterId)
        .flatMap((root) => {
          const answer = desk.familyAnswer(root.id);
          return answer ? [{ logVigour: answer.logVigour.mean, deviation: answer.logVigour.deviation }] : [];
        });
      const learned = rounded(learnVigour(lessons, spread));
      learnt.set(starterId, learned);
      return learned;
    },
    failed: (rootId) => desk.hasFailed(rootId),
  };
}

/** To a percent: a last digit must not ask everything anew. */
const rounded = ({ vigour, spread, batches }: LearnedVigour): LearnedVigour => ({
  vigour: Math.round(vigour * 100) / 100,
  spread: Math.round(spread * 100) / 100,
  batches,
});
