import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { squeezedFor } from '@/core/forecast/question/pilot';
import { lotOf, type Household } from '@/core/journal/household';
import { wakingOf } from '@/core/settings/waking-hours';
import type { Task } from '@/core/tasks/task';
import { askedLook, lookWords } from '@/words/tasks/look-words';

/** The look that would tell most about when a task is due; null where a rule says itself what to look at, or none would tell. */
export function askedWords(
  task: Task,
  answer: LotAnswer | null,
  household: Household,
  now: number,
): string | null {
  const lot = task.lots[0]!;
  if (!answer || answer.advice || task.rule || (task.verb !== 'chill' && task.verb !== 'bottle')) return null;
  const look = askedLook(answer, now, wakingOf(household));
  const squeezed = squeezedFor(lot, (id) => lotOf(household, id));
  return look && lookWords(look, lot, squeezed, answer, now);
}
