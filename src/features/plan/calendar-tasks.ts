import type { CalendarTask } from '@/core/formats/icalendar';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Household } from '@/core/journal/household';
import type { Outline } from '@/core/plan/outline';
import type { OpenWish } from '@/core/plan/wished';
import type { Task } from '@/core/tasks/task';
import { cardWords } from '@/words/tasks/card-words';
import { litres } from '@/words/amounts';
import { moment } from '@/words/moment';
import { inTimeWords, stepWords } from '@/words/plan/plan-words';
import { atBase } from '@/ui/files/at-base';
import { t } from '@/core/language/t';
import { recipeNamed } from './recipe-named';

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
        uid: `${wishId}-${kind}@yuzet`,
        from,
        until,
        title: t`${stepWords[kind]}: ${recipeNamed(outline.wayId, household)}, ${litres(wish.ml)}`,
        words: t`Cold by ${moment(wish.by, from)}. ${inTimeWords(outline.chance)}`,
        url: new URL(atBase('plan'), origin).href,
      }));
  });

/** What Today asks for, as a calendar holds it; a task keeps its name, so that a second import moves it. */
export const todaysTasks = (
  tasks: readonly Task[],
  household: Household,
  lotAnswer: (lotId: string) => LotAnswer | null,
  now: number,
  origin: string,
): CalendarTask[] =>
  tasks
    .filter(({ from, until }) => Number.isFinite(from) && Number.isFinite(until))
    .map((task) => {
      const { title, amount, why, caution } = cardWords(task, household, lotAnswer(task.lots[0]!.id), now);
      return {
        uid: `${task.id}@yuzet`,
        from: Math.max(now, task.from),
        until: Math.max(now, task.until),
        title,
        words: [amount, why, caution].filter((each) => each !== null).join('\n'),
        url: new URL(atBase(''), origin).href,
      };
    });
