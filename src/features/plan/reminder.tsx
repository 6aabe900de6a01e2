import { useEffect, useRef } from 'react';
import { openWishes } from '@/core/plan/wished';
import type { Task } from '@/core/tasks/task';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { cardWords } from '@/words/tasks/card-words';
import { litres } from '@/words/amounts';
import { t } from '@/core/language/t';
import { notify } from '../brewday/ring';
import { useForecasts } from '../forecasting/forecasts';
import { recipeNamed } from './recipe-named';

/** What has become due since the page was opened is said once as a notification, while the page is not looked at. */
export function Reminder({ tasks, now }: { readonly tasks: readonly Task[]; readonly now: number }) {
  const household = useAppSelector(selectHousehold);
  const { lotAnswer } = useForecasts();
  const known = useRef<Set<string> | null>(null);
  useEffect(() => {
    const due = [
      ...tasks
        .filter(({ from }) => from <= now)
        .map((task) => {
          const { title, why } = cardWords(task, household, lotAnswer(task.lots[0]!.id), now);
          return { id: task.id, title, why };
        }),
      ...openWishes(household, now).flatMap(({ id, ml, taken }) =>
        taken && taken.pitchAt <= now
          ? [
              {
                id: `brew ${id}`,
                title: t`Brew ${recipeNamed(taken.recipe, household)}, ${litres(ml)}`,
                why: t`The brew day has come.`,
              },
            ]
          : [],
      ),
    ];
    const before = known.current;
    known.current = new Set([...(before ?? []), ...due.map(({ id }) => id)]);
    if (before === null || !document.hidden) return;
    for (const { id, title, why } of due) if (!before.has(id)) void notify(title, why, id);
  }, [tasks, household, lotAnswer, now]);
  return null;
}
