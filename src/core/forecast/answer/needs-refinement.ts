import type { FamilyQuestion } from '../question/family-question';
import type { PressureCourse } from '../read-off/pressure-course';
import type { ColdKeeping } from './keeping';

/** Fewer kitchens are asked of what lies months back: refining would take long, and tell little. */
const fewest = 200;
/** Chances beyond these are not in doubt. */
const doubtful = [0.005, 0.995] as const;

/** What an answer says of a lot's limit. */
interface Limited {
  readonly pressure: Pick<PressureCourse, 'passes'> | null;
  readonly keeping: Pick<ColdKeeping, 'chanceAtEnd'> | null;
}

/** Whether a closer look at a question may change what its answers say of a limit; answers in the order of its lots. */
export function needsRefinement({ family, lots }: FamilyQuestion, answers: readonly Limited[]): boolean {
  if (family.root.members < fewest) return false;
  if ([family.root, ...family.branches].every(({ readings }) => readings.length === 0)) return false;
  return answers.some(({ pressure, keeping }, i) => {
    const soonest = pressure?.passes.find(({ share }) => share === 1)?.hours[0];
    const chance = keeping?.chanceAtEnd ?? 0;
    return (
      lots[i]!.sealedFromHour !== null &&
      (Number.isFinite(soonest) || (chance > doubtful[0] && chance < doubtful[1]))
    );
  });
}
