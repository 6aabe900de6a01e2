import type { CalendarTask } from '@/core/formats/icalendar';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Household } from '@/core/journal/household';
import type { Outline, StepKind } from '@/core/plan/outline';
import type { OpenWish } from '@/core/plan/wished';
import type { Task } from '@/core/tasks/task';
import { cardWords } from '@/words/tasks/card-words';
import { litres, portionsWords } from '@/words/amounts';
import { moment } from '@/words/moment';
import { inTimeWords, stepWords } from '@/words/plan/plan-words';
import { atBase } from '@/ui/files/at-base';
import { t } from '@/core/language/t';
import type { Ahead } from './ahead';
import { recipeNamed } from './recipe-named';

const uidOf = (wishId: string, kind: StepKind): string => `${wishId}-${kind}@yuzet`;

/** The steps of all plans as a calendar holds them; what may never come is left out. */
export const calendarTasks = (
  wishes: readonly OpenWish[],
  chosen: readonly { readonly wishId: string; readonly outline: Outline }[],
  household: Household,
  origin: string,
): CalendarTask[] =>
  chosen.flatMap(({ wishId, outline }) => {
    const wish = wishes.find(({ id }) => id === wishId);
    if (!wish) return [];
    return outline.steps
      .filter(({ kind, until }) => kind !== 'taste' && Number.isFinite(until))
      .map(({ kind, from, until }) => ({
        uid: uidOf(wishId, kind),
        from,
        until,
        title: t`${stepWords[kind]}: ${recipeNamed(outline.wayId, household)}, ${litres(wish.ml)}`,
        words: t`Cold by ${moment(wish.by, from)}. ${inTimeWords(outline.chance)}`,
        url: new URL(atBase('plan'), origin).href,
      }));
  });

/** What is under way, as a calendar holds it, where Today does not ask for it yet: the plan's own events, moved. */
export const aheadTasks = (ahead: readonly Ahead[], origin: string): CalendarTask[] =>
  ahead.flatMap(({ wishId, name, by, outline }) =>
    outline.steps
      .filter(({ taskId, until }) => taskId === null && Number.isFinite(until))
      .map(({ kind, from, until }) => ({
        uid: uidOf(wishId, kind),
        from,
        until,
        title: `${stepWords[kind]}: ${name}`,
        words: t`Wished cold by ${moment(by, from)}.`,
        url: new URL(atBase('plan'), origin).href,
      })),
  );

/** What each jar of a round takes, or the one there is. */
const amountsOf = ({ parts }: Task, amount: string | null): (string | null)[] =>
  parts?.map(({ lots: [lot], portions }) => `${lot!.name}: ${portionsWords(portions)}`) ?? [amount];

interface Asked {
  readonly household: Household;
  readonly lotAnswer: (lotId: string) => LotAnswer | null;
  readonly now: number;
  readonly origin: string;
}

/**
 * What Today asks for, as a calendar holds it; a task keeps its name, so that a second import moves it, and one that a plan held
 * keeps the plan's.
 */
export const todaysTasks = (
  tasks: readonly Task[],
  ahead: readonly Ahead[],
  { household, lotAnswer, now, origin }: Asked,
): CalendarTask[] => {
  const planned = new Map(
    ahead.flatMap(({ wishId, outline }) =>
      outline.steps.flatMap(({ kind, taskId }) => (taskId ? [[taskId, uidOf(wishId, kind)] as const] : [])),
    ),
  );
  return tasks
    .filter(({ from, until }) => Number.isFinite(from) && Number.isFinite(until))
    .map((task) => {
      const { title, amount, why, caution } = cardWords(task, household, lotAnswer(task.lots[0]!.id), now);
      return {
        uid: planned.get(task.id) ?? `${task.id}@yuzet`,
        from: Math.max(now, task.from),
        until: Math.max(now, task.until),
        title,
        words: [...amountsOf(task, amount), why, caution].filter((each) => each !== null).join('\n'),
        url: new URL(atBase(''), origin).href,
      };
    });
};
