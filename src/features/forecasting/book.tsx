import { createContext, useContext, useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/family-answer';
import { familyQuestion, rootOf } from '@/core/forecast/family-question';
import { learnVigour, type LearnedVigour } from '@/core/forecast/learn';
import type { StarterAnswer } from '@/core/forecast/starter-answer';
import { starterQuestion } from '@/core/forecast/starter-question';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import { knownCultures } from '@/core/cultures/registry';
import type { ForecastDesk, Question } from '@/workers/forecast-desk';

/** Everything the app knows ahead: the newest answers, by lot. */
export interface Book {
  readonly living: readonly Lot[];
  readonly lotAnswer: (lotId: string) => LotAnswer | null;
  readonly familyAnswer: (rootId: string) => FamilyAnswer | null;
  readonly starterAnswer: (lotId: string) => StarterAnswer | null;
  readonly learnedOf: (starterId: string) => LearnedVigour;
  readonly failed: (rootId: string) => boolean;
}

const BookContext = createContext<Book | null>(null);
export const DeskContext = createContext<ForecastDesk | null>(null);

export function useBook(): Book {
  const book = useContext(BookContext);
  if (!book) throw new Error('the book lies elsewhere');
  return book;
}

/** How far ahead a starter is looked at, hours: on a shelf, in the fridge. */
const starterAhead = { warm: 72, cold: 24 * 14 } as const;

/** Finished batches a starter learns from: the latest few tell most. */
const lessonsAtMost = 6;

const halfHourMs = 1_800_000;

/** Asks the desk for all that lives, and gives the newest answers. Old ones stay until new ones are there. */
export function BookProvider({ desk, household, now, children }: { readonly desk: ForecastDesk; readonly household: Household; readonly now: number; readonly children: ReactNode }) {
  const version = useSyncExternalStore(desk.subscribe, desk.snapshot);
  const halfHour = Math.ceil(now / halfHourMs) * halfHourMs;
  const lots = useMemo(() => everyLot(household), [household]);
  const living = useMemo(() => lots.filter(isLiving), [lots]);
  const finished = useMemo(() => finishedRoots(lots, household), [lots, household]);
  const book = useMemo(() => readBook(desk, household, living, finished, version), [desk, household, living, finished, version]);
  useEffect(() => {
    for (const { question, rank } of questionsOf(household, living, halfHour, book.learnedOf)) desk.ask(question, rank);
    for (const [index, root] of finished.entries()) {
      if (desk.familyAnswer(root.id) !== null) continue;
      const question = familyOf(root, household, root.begunAt, () => null);
      if (question) desk.ask(question, 100 + index);
    }
  }, [desk, household, living, finished, halfHour, book]);
  return <BookContext value={book}>{children}</BookContext>;
} // prettier-ignore

/** A family as a question. */
export function familyOf(root: Lot, household: Household, now: number, learned: (starterId: string) => LearnedVigour | null): Question | null {
  const asked = familyQuestion({
    root, find: (id) => lotOf(household, id), warmths: household.warmths, now,
    learned: (pitch) => (pitch.fromLotId ? learned(pitch.fromLotId) : null),
  });
  return asked ? { kind: 'family', subject: root.id, asked } : null;
} // prettier-ignore

/** What is worth asking now: sealed warm families first, then starters, jars, and what is cold. */
function questionsOf(household: Household, living: readonly Lot[], now: number, learned: Book['learnedOf']): { question: Question; rank: number }[] {
  const find = (id: string) => lotOf(household, id);
  const out: { question: Question; rank: number }[] = [];
  const roots = new Map<string, { root: Lot; rank: number }>();
  for (const lot of living) {
    if (lot.role === 'starter') {
      const cold = lot.place === 'fridge';
      const asked = starterQuestion({ lot, warmths: household.warmths, learned: learned(lot.id), now, aheadHours: cold ? starterAhead.cold : starterAhead.warm });
      if (asked) out.push({ question: { kind: 'starter', subject: lot.id, asked }, rank: cold ? 30 : 10 });
      continue;
    }
    const root = rootOf(lot, find);
    const rank = lot.role === 'bottle' && lot.place !== 'fridge' ? 0 : lot.role === 'brew' ? 20 : 40;
    roots.set(root.id, { root, rank: Math.min(rank, roots.get(root.id)?.rank ?? 99) });
  }
  for (const { root, rank } of roots.values()) {
    const question = familyOf(root, household, now, learned);
    if (question) out.push({ question, rank });
  }
  return out;
} // prettier-ignore

/** Brews of which nothing lives any more, the latest of each starter. */
function finishedRoots(lots: readonly Lot[], household: Household): Lot[] {
  const find = (id: string) => lotOf(household, id);
  const alive = new Set(lots.filter((lot) => lot.role !== 'starter' && isLiving(lot)).map((lot) => rootOf(lot, find).id));
  const counts = new Map<string, number>();
  return lots
    .filter((lot) => lot.role === 'brew' && !alive.has(lot.id) && lot.events.some(({ kind }) => kind === 'went'))
    .sort((a, b) => b.begunAt - a.begunAt)
    .filter((lot) => {
      const starter = pitchOf(lot, find)?.fromLotId;
      if (!starter || !find(starter) || rootOf(lot, find) !== lot) return false;
      counts.set(starter, (counts.get(starter) ?? 0) + 1);
      return counts.get(starter)! <= lessonsAtMost;
    });
} // prettier-ignore

function readBook(desk: ForecastDesk, household: Household, living: readonly Lot[], finished: readonly Lot[], _version: number): Book {
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
} // prettier-ignore

/** To a percent: a last digit must not ask everything anew. */
const rounded = ({ vigour, spread, batches }: LearnedVigour): LearnedVigour => ({
  vigour: Math.round(vigour * 100) / 100,
  spread: Math.round(spread * 100) / 100,
  batches,
});
