import { keptCulture } from '@/core/starter/feed-plan';
import { familyQuestion } from '@/core/forecast/family-question';
import { rootOf } from '@/core/forecast/family-members';
import type { LearnedVigour } from '@/core/forecast/learn';
import { starterQuestion } from '@/core/forecast/starter-question';
import { lotOf, type Household } from '@/core/journal/household';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import type { Question } from '@/workers/forecast-desk';

/** How far ahead a starter is looked at, hours: on a shelf, in the fridge. */
const starterAhead = { warm: 72, cold: 24 * 14 } as const;

/** Finished batches a starter learns from: the latest few tell most. */
const lessonsAtMost = 6;

/** A family as a question. */
export function familyOf(
  root: Lot,
  household: Household,
  now: number,
  learned: (starterId: string) => LearnedVigour | null,
): Question | null {
  const asked = familyQuestion({
    root,
    find: (id) => lotOf(household, id),
    warmths: household.warmths,
    now,
    learned: (pitch) => (pitch.fromLotId ? learned(pitch.fromLotId) : null),
  });
  return asked ? { kind: 'family', subject: root.id, asked } : null;
}

/** What is worth asking now: sealed warm families first, then starters, jars, and what is cold. */
export function questionsOf(
  household: Household,
  living: readonly Lot[],
  now: number,
  learned: (starterId: string) => LearnedVigour,
): { question: Question; rank: number }[] {
  const find = (id: string) => lotOf(household, id);
  const out: { question: Question; rank: number }[] = [];
  const roots = new Map<string, { root: Lot; rank: number }>();
  for (const lot of living) {
    if (lot.role === 'starter') {
      const cold = lot.place === 'fridge';
      const asked = starterQuestion({
        lot,
        warmths: household.warmths,
        learned: learned(lot.id),
        now,
        aheadHours: cold ? starterAhead.cold : starterAhead.warm,
      });
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
}

/** Whose answers Today's order hangs on: kept jars, brews and bottles that stand warm and live; families by their root. */
export function reckoned(household: Household, living: readonly Lot[]): string[] {
  const find = (id: string) => lotOf(household, id);
  const subjects = living.flatMap((lot) => {
    if (lot.place === 'fridge') return [];
    if (lot.role === 'starter') return keptCulture(lot) ? [lot.id] : [];
    const root = rootOf(lot, find);
    return pitchOf(root, find) ? [root.id] : [];
  });
  return [...new Set(subjects)];
}

/** Brews of which nothing lives any more, the latest of each starter. */
export function finishedRoots(lots: readonly Lot[], household: Household): Lot[] {
  const find = (id: string) => lotOf(household, id);
  const alive = new Set(
    lots.filter((lot) => lot.role !== 'starter' && isLiving(lot)).map((lot) => rootOf(lot, find).id),
  );
  const counts = new Map<string, number>();
  return lots
    .filter(
      (lot) => lot.role === 'brew' && !alive.has(lot.id) && lot.events.some(({ kind }) => kind === 'went'),
    )
    .sort((a, b) => b.begunAt - a.begunAt)
    .filter((lot) => {
      const starter = pitchOf(lot, find)?.fromLotId;
      if (!starter || !find(starter) || rootOf(lot, find) !== lot) return false;
      counts.set(starter, (counts.get(starter) ?? 0) + 1);
      return counts.get(starter)! <= lessonsAtMost;
    });
}
