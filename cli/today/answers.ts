import { stepper } from '../stepper.ts';
import { answerFamily, type LotAnswer } from '../../src/core/forecast/answer/family-answer.ts';
import { rootOf } from '../../src/core/forecast/question/family-members.ts';
import { familyQuestion } from '../../src/core/forecast/question/family-question.ts';
import { learn, type Learned, type Lesson } from '../../src/core/forecast/ensemble/lessons.ts';
import { liquidsOf } from '../../src/core/forecast/question/root-ferment.ts';
import { cameIn } from '../../src/core/forecast/question/living-liquid.ts';
import { answerStarter, type StarterAnswer } from '../../src/core/forecast/starter/starter-answer.ts';
import { starterQuestion } from '../../src/core/forecast/question/starter-question.ts';
import { everyLot, lotOf, type Household } from '../../src/core/journal/household.ts';
import { wakingOf } from '../../src/core/settings/waking-hours.ts';
import type { Lot } from '../../src/core/lots/lot.ts';
import { habitsOf } from '../../src/core/tasting/habits.ts';
import { pitchOf, type Pitch } from '../../src/core/lots/pitch.ts';
import type { StoredRun } from '../../src/core/forecast/run/stored-run.ts';

/** What the forecast says of every lot of a household, as the app's worker works it out. */
export interface Answers {
  readonly lots: ReadonlyMap<string, LotAnswer>;
  readonly starters: ReadonlyMap<string, StarterAnswer>;
  /** The run behind each lot's answer. */
  readonly runs: ReadonlyMap<string, StoredRun>;
}

/** Finished batches that teach, at most: the newest of each culture. */
const mostLessons = 3;
const aheadHours = { warm: 72, cold: 24 * 14 } as const;

/**
 * @param living lots that are neither opened nor ended
 * @param now ms
 */
export function answersOf(household: Household, living: readonly Lot[], now: number): Answers {
  const find = (id: string) => lotOf(household, id);
  const { warmths } = household;
  const lots = new Map<string, LotAnswer>();
  const starters = new Map<string, StarterAnswer>();
  const runs = new Map<string, StoredRun>();
  const learned = learnedBy(household, living, now);
  const habits = habitsOf(household);
  const roots = new Set<Lot>();
  for (const lot of living) {
    if (lot.role !== 'starter') {
      roots.add(rootOf(lot, find));
      continue;
    }
    const asked = starterQuestion({
      lot,
      warmths,
      learned: null,
      now,
      waking: wakingOf(household),
      absence: habits.absence,
      aheadHours: lot.place === 'fridge' ? aheadHours.cold : aheadHours.warm,
      came: (event) => cameIn(event, liquidsOf(household)),
    });
    if (asked) starters.set(lot.id, answerStarter(asked, stepper));
  }
  for (const root of roots) {
    const question = familyQuestion({ root, find, warmths, learned, now, household, habits });
    if (!question) continue;
    const { answer, runs: kept, runOf } = answerFamily(question, stepper, root.id, Infinity);
    for (const each of answer.lots) {
      lots.set(each.lotId, each);
      const index = runOf[each.lotId];
      if (index !== undefined) runs.set(each.lotId, kept[index]!);
    }
  }
  return { lots, starters, runs };
}

/** What batches that are over taught of each culture. */
function learnedBy(
  household: Household,
  living: readonly Lot[],
  now: number,
): (pitch: Pitch) => Learned | null {
  const find = (id: string) => lotOf(household, id);
  const alive = new Set(living.map((lot) => rootOf(lot, find).id));
  const over = everyLot(household)
    .filter((lot) => lot.role === 'brew' && rootOf(lot, find) === lot && !alive.has(lot.id))
    .sort((a, b) => b.begunAt - a.begunAt);
  const lessons = new Map<string, readonly Lesson[]>();
  const lessonsFor = (culture: string): readonly Lesson[] => {
    const known = lessons.get(culture);
    if (known) return known;
    const found = over
      .flatMap((root) => {
        const pitch = pitchOf(root, find);
        return pitch?.culture.id === culture ? [{ root, pitch }] : [];
      })
      .slice(0, mostLessons)
      .flatMap(({ root, pitch }): Lesson[] => {
        const posterior = posteriorOfRoot(root, household, find);
        return posterior ? [{ at: endedAt(root), culture, starter: pitch.fromLotId, posterior }] : [];
      });
    lessons.set(culture, found);
    return found;
  };
  return ({ culture, fromLotId }) => {
    const taught = lessonsFor(culture.id);
    return taught.length === 0
      ? null
      : learn(taught, { culture: culture.id, starter: fromLotId, now, kindSpread: culture.vigourSpread });
  };
}

const endedAt = (lot: Lot): number => lot.ended?.at ?? lot.events.at(-1)?.at ?? lot.begunAt;

const known = new WeakMap<Lot, { readonly family: string; readonly posterior: Lesson['posterior'] | null }>();

/** What a finished batch tells, worked out once for as long as none of its lots changes. */
function posteriorOfRoot(
  root: Lot,
  household: Household,
  find: (id: string) => Lot | undefined,
): Lesson['posterior'] | null {
  const family = JSON.stringify(
    everyLot(household).flatMap((lot) => (rootOf(lot, find) === root ? [[lot.id, lot.events]] : [])),
  );
  const before = known.get(root);
  if (before?.family === family) return before.posterior;
  const question = familyQuestion({
    root,
    find,
    warmths: household.warmths,
    learned: () => null,
    now: root.begunAt,
    household,
  });
  const posterior = question ? answerFamily(question, stepper, null).answer.posterior : null;
  known.set(root, { family, posterior });
  return posterior;
}
