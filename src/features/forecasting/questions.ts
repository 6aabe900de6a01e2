import { keptCulture } from '@/core/starter/feed-plan';
import { familyQuestion } from '@/core/forecast/question/family-question';
import { rootOf } from '@/core/forecast/question/family-members';
import type { Learned } from '@/core/forecast/ensemble/lessons';
import { liquidsOf } from '@/core/forecast/question/root-ferment';
import { cameIn } from '@/core/forecast/question/living-liquid';
import { starterQuestion } from '@/core/forecast/question/starter-question';
import { lotOf, type Household } from '@/core/journal/household';
import { wakingOf } from '@/core/settings/waking-hours';
import { habitsOf } from '@/core/tasting/habits';
import { isLiving } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { pitchOf, type Pitch } from '@/core/lots/pitch';
import type { ForecastQuestion } from '@/workers/forecast-queue';

/** How far ahead a starter is looked at, hours: on a shelf, in the fridge. */
const starterAhead = { warm: 72, cold: 24 * 14 } as const;

/** Finished batches a starter, or a kind from packets, learns from, and finished jars: the latest few tell most. */
const lessonsAtMost = { batches: 6, jars: 3 } as const;

/** What a ferment was pitched with. */
export type PitchedFrom = Pick<Pitch, 'culture' | 'fromLotId'>;

/** A family as a question. */
export function familyOf(
  root: Lot,
  household: Household,
  now: number,
  learned: (pitch: PitchedFrom) => Learned | null,
): ForecastQuestion | null {
  const asked = familyQuestion({
    root,
    find: (id) => lotOf(household, id),
    warmths: household.warmths,
    now,
    learned,
    household,
    habits: habitsOf(household),
  });
  return asked ? { kind: 'family', subject: root.id, asked } : null;
}

/** A kept jar as a question. */
export function starterOf(
  lot: Lot,
  household: Household,
  now: number,
  learned: (pitch: PitchedFrom) => Learned | null,
  aheadHours: number,
): ForecastQuestion | null {
  const culture = keptCulture(lot);
  const asked = starterQuestion({
    lot,
    warmths: household.warmths,
    learned: culture ? learned({ culture, fromLotId: lot.id }) : null,
    now,
    aheadHours,
    waking: wakingOf(household),
    absence: habitsOf(household).absence,
    came: (event) => cameIn(event, liquidsOf(household)),
  });
  return asked ? { kind: 'starter', subject: lot.id, asked } : null;
}

/** What is worth asking now: sealed warm families first, then starters, jars, and what is cold. */
export function questionsOf(
  household: Household,
  living: readonly Lot[],
  now: number,
  learned: (pitch: PitchedFrom) => Learned | null,
): { question: ForecastQuestion; rank: number }[] {
  const find = (id: string) => lotOf(household, id);
  const out: { question: ForecastQuestion; rank: number }[] = [];
  const roots = new Map<string, { root: Lot; rank: number }>();
  for (const lot of living) {
    if (lot.role === 'starter') {
      const cold = lot.place === 'fridge';
      const question = starterOf(lot, household, now, learned, cold ? starterAhead.cold : starterAhead.warm);
      if (question) out.push({ question, rank: cold ? 30 : 10 });
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

/** The same of few kitchens: a household of which nothing is known yet sees its windows at once, and the whole a moment later. */
export function atFirst(question: ForecastQuestion): ForecastQuestion {
  if (question.kind === 'starter') return question;
  const { family } = question.asked;
  const root = { ...family.root, members: Math.min(family.root.members, fewKitchens) };
  return { ...question, asked: { ...question.asked, family: { ...family, root } } };
}
const fewKitchens = 48;

/** Whose answers Today's order hangs on: kept jars, brews and bottles that stand warm and live; families by their root. */
export function urgentSubjects(household: Household, living: readonly Lot[]): string[] {
  const find = (id: string) => lotOf(household, id);
  const subjects = living.flatMap((lot) => {
    if (lot.place === 'fridge') return [];
    if (lot.role === 'starter') return keptCulture(lot) ? [lot.id] : [];
    const root = rootOf(lot, find);
    return pitchOf(root, find) ? [root.id] : [];
  });
  return [...new Set(subjects)];
}

/** Kept jars that have ended, the latest. */
export const finishedJars = (lots: readonly Lot[]): Lot[] =>
  lots
    .filter((lot) => lot.role === 'starter' && !isLiving(lot) && keptCulture(lot))
    .sort((a, b) => b.begunAt - a.begunAt)
    .slice(0, lessonsAtMost.jars);

/** Brews of which nothing lives any more, the latest of each starter, or of each kind from packets. */
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
      const pitch = pitchOf(lot, find);
      if (!pitch || rootOf(lot, find) !== lot) return false;
      const from = pitch.fromLotId ?? pitch.culture.id;
      counts.set(from, (counts.get(from) ?? 0) + 1);
      return counts.get(from)! <= lessonsAtMost.batches;
    });
}
