import { learn, type Learned, type Lesson } from '@/core/forecast/ensemble/lessons';
import type { Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { pitchOf } from '@/core/lots/pitch';
import type { ForecastQueue } from '@/workers/forecast-queue';
import { familyOf, starterOf, type PitchedFrom } from './questions';

/** What has ended: brews with everything drawn from them, and kept jars. */
export interface Finished {
  readonly roots: readonly Lot[];
  readonly jars: readonly Lot[];
}

/** Asks each once, as if nothing were known, so that what it says is its own. @param asked those that were; added to */
export function askLessons(
  queue: ForecastQueue,
  household: Household,
  { roots, jars }: Finished,
  asked: WeakSet<Lot>,
): void {
  const fresh = (lot: Lot) => !asked.has(lot) && asked.add(lot);
  for (const [index, root] of roots.filter(fresh).entries()) {
    const question = familyOf(root, household, root.begunAt, () => null);
    if (question) queue.ask({ ...question, subject: lessonOf(root) }, 100 + index);
  }
  for (const [index, jar] of jars.filter(fresh).entries()) {
    const question = starterOf(jar, household, endedAt(jar), () => null, 0);
    if (question) queue.ask({ ...question, subject: lessonOf(jar) }, 200 + index);
  }
}

/** What a finished lot is asked as: its page may ask the same with all that is known since. */
const lessonOf = (lot: Lot): string => `lesson:${lot.id}`;

const endedAt = (lot: Lot): number => lot.ended?.at ?? lot.events.at(-1)?.at ?? lot.begunAt;

/** What has ended and was answered, as lessons. */
export function lessonsOf(
  queue: ForecastQueue,
  { roots, jars }: Finished,
  find: (id: string) => Lot | undefined,
) {
  const batches = roots.flatMap((root): Lesson[] => {
    const pitch = pitchOf(root, find);
    const answer = queue.familyAnswer(lessonOf(root));
    if (!pitch || !answer) return [];
    return [
      { at: endedAt(root), culture: pitch.culture.id, starter: pitch.fromLotId, posterior: answer.posterior },
    ];
  });
  const kept = jars.flatMap((jar): Lesson[] => {
    const answer = queue.starterAnswer(lessonOf(jar));
    return answer && jar.culture
      ? [{ at: endedAt(jar), culture: jar.culture, starter: jar.id, posterior: answer.posterior }]
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

/** What was learned for each that may be pitched, worked out once. */
export function learnedBy(lessons: readonly Lesson[], now: number): (pitch: PitchedFrom) => Learned {
  const known = new Map<string, Learned>();
  return ({ culture, fromLotId }) => {
    const key = fromLotId ?? culture.id;
    const before = known.get(key);
    if (before) return before;
    const pupil = { culture: culture.id, starter: fromLotId, now, kindSpread: culture.vigourSpread };
    const learned = rounded(learn(lessons, pupil));
    known.set(key, learned);
    return learned;
  };
}
