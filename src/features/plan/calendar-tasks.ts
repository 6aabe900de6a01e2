import type { CalendarTask } from '@/core/formats/icalendar';
import type { Household } from '@/core/journal/household';
import type { Outline } from '@/core/plan/outline';
import type { OpenWish } from '@/core/plan/wished';
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
