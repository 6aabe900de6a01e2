import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/family-answer';
import { rootOf } from '@/core/forecast/family-members';
import { learn, type Learned, type Lesson } from '@/core/forecast/lessons';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import type { ForecastDesk } from '@/workers/forecast-desk';
import {
  familyOf,
  finishedJars,
  finishedRoots,
  questionsOf,
  reckoned,
  starterOf,
  type PitchedFrom,
} from './questions';

/** Everything the app knows ahead: the newest answers, by lot. */
export interface Book {
  readonly living: readonly Lot[];
  readonly lotAnswer: (lotId: string) => LotAnswer | null;
  readonly familyAnswer: (rootId: string) => FamilyAnswer | null;
  readonly starterAnswer: (lotId: string) => StarterAnswer | null;
  /** What finished batches and jars teach for one of this culture, from this jar or from a packet. */
  readonly learnedFor: (pitch: PitchedFrom) => Learned;
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

/** What has ended: brews with everything drawn from them, and kept jars. */
interface Finished {
  readonly roots: readonly Lot[];
  readonly jars: readonly Lot[];
}

const halfHourMs = 1_800_000;
const dayMs = 86_400_000;

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
  const finished = useMemo(
    () => ({ roots: finishedRoots(lots, household), jars: finishedJars(lots) }),
    [lots, household],
  );
  const today = Math.floor(now / dayMs) * dayMs;
  const fresh = useFresh(desk, household, living);
  const book = useMemo(
    () => ({ ...readBook(desk, household, living, finished, today, version), fresh }),
    [desk, household, living, finished, today, version, fresh],
  );
  const asked = useRef(new WeakSet<Lot>());
  useEffect(() => {
    for (const { question, rank } of questionsOf(household, living, halfHour, book.learnedFor))
      desk.ask(question, rank);
    // Asked once each, as if nothing were known, so that what each says is its own.
    for (const [index, root] of finished.roots.entries()) {
      if (asked.current.has(root)) continue;
      const question = familyOf(root, household, root.begunAt, () => null);
      if (question) desk.ask({ ...question, subject: lessonOf(root) }, 100 + index);
      asked.current.add(root);
    }
    for (const [index, jar] of finished.jars.entries()) {
      if (asked.current.has(jar)) continue;
      const question = starterOf(jar, household, endedAt(jar), () => null, 0);
      if (question) desk.ask({ ...question, subject: lessonOf(jar) }, 200 + index);
      asked.current.add(jar);
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
  finished: Finished,
  now: number,
  _version: number,
): Omit<Book, 'fresh'> {
  const find = (id: string) => lotOf(household, id);
  const learnt = new Map<string, Learned>();
  const lessons = lessonsOf(desk, finished, find);
  return {
    living,
    lotAnswer: (lotId) => {
      const lot = find(lotId);
      const answer = lot ? desk.familyAnswer(rootOf(lot, find).id) : null;
      return answer?.lots.find((each) => each.lotId === lotId) ?? null;
    },
    familyAnswer: (rootId) => desk.familyAnswer(rootId),
    starterAnswer: (lotId) => desk.starterAnswer(lotId),
    learnedFor: ({ culture, fromLotId }) => {
      const key = fromLotId ?? culture.id;
      const known = learnt.get(key);
      if (known) return known;
      const pupil = { culture: culture.id, starter: fromLotId, now, kindSpread: culture.vigourSpread };
      const learned = rounded(learn(lessons, pupil));
      learnt.set(key, learned);
      return learned;
    },
    failed: (rootId) => desk.hasFailed(rootId),
  };
}

/** What a finished lot is asked as: its page may ask the same with all that is known since. */
const lessonOf = (lot: Lot): string => `lesson:${lot.id}`;

const endedAt = (lot: Lot): number => lot.ended?.at ?? lot.events.at(-1)?.at ?? lot.begunAt;

/** What has ended and was answered, as lessons. */
function lessonsOf(desk: ForecastDesk, { roots, jars }: Finished, find: (id: string) => Lot | undefined) {
  const batches = roots.flatMap((root): Lesson[] => {
    const pitch = pitchOf(root, find);
    const answer = desk.familyAnswer(lessonOf(root));
    if (!pitch || !answer) return [];
    return [{ at: endedAt(root), culture: pitch.culture.id, starter: pitch.fromLotId, told: answer.told }];
  });
  const kept = jars.flatMap((jar): Lesson[] => {
    const answer = desk.starterAnswer(lessonOf(jar));
    return answer && jar.culture
      ? [{ at: endedAt(jar), culture: jar.culture, starter: jar.id, told: answer.told }]
      : [];
  });
  return [...batches, ...kept];
}

/** To a percent and a tenth of a degree: a last digit must not ask everything anew. */
function rounded({ vigour, spread, kitchen, ...counts }: Learned): Learned {
  const to = (digits: number) => (value: number) => Math.round(value * digits) / digits;
  const percent = to(100);
  const tenth = to(10);
  return {
    vigour: percent(vigour),
    spread: percent(spread),
    kitchen: {
      offset: { mean: tenth(kitchen.offset.mean), deviation: tenth(kitchen.offset.deviation) },
      fridge: { mean: tenth(kitchen.fridge.mean), deviation: tenth(kitchen.fridge.deviation) },
      coldActivity: {
        mean: percent(kitchen.coldActivity.mean),
        deviation: percent(kitchen.coldActivity.deviation),
      },
    },
    ...counts,
  };
}
