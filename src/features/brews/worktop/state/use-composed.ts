import { useContext, useEffect, useRef, useState } from 'react';
import { hourMs } from '@/core/duration';
import type { FamilyAnswer, LotAnswer } from '@/core/forecast/answer/family-answer';
import type { FamilyQuestion } from '@/core/forecast/question/family-question';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { QueueContext, useForecasts } from '../../../forecasting/forecasts';
import { composedAsk } from './composed-ask';
import type { Planned } from './worktop-plan';
import type { WorktopState } from './worktop-state';

/** The coming ferment of what is on the worktop; the answer before stays until the newest is there. Null while there is none. */
export function useComposed(state: WorktopState, planned: Planned | null): LotAnswer | null {
  const queue = useContext(QueueContext)!;
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const now = Math.floor(useNow() / hourMs) * hourMs;
  const question = planned && composedAsk(state, planned, household, forecasts, now);
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
