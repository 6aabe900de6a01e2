import { useContext, useEffect, useRef, useState } from 'react';
import { composedQuestion } from '@/core/brew/composed-question';
import { hourMs } from '@/core/duration';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/answer/family-answer';
import type { FamilyQuestion } from '@/core/forecast/question/family-question';
import { lotOf } from '@/core/journal/household';
import type { Warmths } from '@/core/kitchen/places';
import { habitsOf } from '@/core/tasting/habits';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { QueueContext, useForecasts } from '../../../forecasting/forecasts';
import { baseIn, type Planned } from './worktop-plan';
import type { WorktopState } from './worktop-state';

/** Temperatures as they were, with what is supposed from now on. */
function supposedWarmths(warmths: Warmths, { place, celsius }: WorktopState, now: number): Warmths {
  return celsius === null
    ? warmths
    : { ...warmths, [place]: [...(warmths[place] ?? []).filter(({ at }) => at < now), { at: now, celsius }] };
}

/** The coming ferment of what is on the worktop; the answer before stays until the newest is there. Null while there is none. */
export function useComposed(state: WorktopState, planned: Planned | null): LotAnswer | null {
  const queue = useContext(QueueContext)!;
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const now = Math.floor(useNow() / hourMs) * hourMs;
  const question =
    planned &&
    composedQuestion({
      portions: planned.plan.brew.portions,
      life: planned.life,
      base: baseIn(state),
      method: state.method,
      place: state.place,
      wantedVolumes: state.volumes,
      jarMl: planned.plan.brew.jarMl,
      find: (id) => lotOf(household, id),
      warmths: supposedWarmths(household.warmths, state, now),
      learned: forecasts.learnedFor,
      habits: habitsOf(household),
      now,
    });
  const [answer, setAnswer] = useState<FamilyAnswer | null>(null);
  const key = JSON.stringify(question);
  const asked = useRef<{ key: string; question: FamilyQuestion | null; busy: boolean }>({
    key: '',
    question: null,
    busy: false,
  });
  useEffect(() => {
    const line = asked.current;
    line.question = question;
    if (line.key === key || line.busy) return;
    const next = async () => {
      line.busy = true;
      // Whatever was turned meanwhile is asked next; what lies between is left out.
      while (line.question && JSON.stringify(line.question) !== line.key) {
        const wanted = line.question;
        line.key = JSON.stringify(wanted);
        const found = await queue.compose(wanted);
        if (found) setAnswer(found);
      }
      line.busy = false;
    };
    void next();
  });
  return question ? (answer?.lots[0] ?? null) : null;
}
