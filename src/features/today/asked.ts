import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Task } from '@/core/tasks/task';
import { squeezedFor } from '@/core/forecast/question/pilot';
import { lotOf, type Household } from '@/core/journal/household';
import { askedLook, lookWords } from '@/words/tasks/look-words';

/** Of all that waits for its moment, the one look that would tell most today, and the task it is about. */
export function askedOf(
  tasks: readonly Task[],
  lotAnswer: (lotId: string) => LotAnswer | null,
  household: Household,
  now: number,
): { readonly task: Task; readonly words: string } | null {
  const offers = tasks.flatMap((task) => {
    const lot = task.lots[0];
    const answer = lot && (task.verb === 'chill' || task.verb === 'bottle') ? lotAnswer(lot.id) : null;
    // A rule says itself what to look at.
    const look = answer && !answer.advice && !task.rule && askedLook(answer, now);
    return lot && answer && look
      ? [
          {
            task,
            gain: look.gain * (look.decides[1] - look.decides[0]),
            words: lookWords(
              look,
              lot,
              squeezedFor(lot, (id) => lotOf(household, id)),
              answer,
              now,
            ),
          },
        ]
      : [];
  });
  return offers.sort((a, b) => b.gain - a.gain)[0] ?? null;
}
