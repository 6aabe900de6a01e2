import { useEffect, useMemo, useState } from 'react';
import type { PlanAnswer, PlanAsk } from '@/core/plan/answer';
import type { Held } from '@/core/plan/held';
import { hourMs } from '@/core/duration';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { planner } from '@/workers/plan-client';
import { useForecasts } from '../forecasting/forecasts';
import { planAsk } from './plan-ask';

export interface PlanState {
  readonly answer: PlanAnswer | null;
  /** The instant it was asked for, ms. */
  readonly now: number;
  /** Asks once more where it could not be worked out; null where it could. */
  readonly again: (() => void) | null;
}

interface Found {
  readonly key: string;
  readonly answer: PlanAnswer | null;
  readonly now: number;
}

/** What was found last: a page that is opened again begins with it. */
let last: Found | undefined;

const soonest = ({ wishes }: PlanAsk) => [...wishes].sort((a, b) => a.by - b.by).slice(0, 1);

/** What is held of wishes beside what was taken, by their ids. */
export type HeldByWish = Readonly<Record<string, Partial<Held>>>;

/** The plan of all open wishes, asked anew when the kitchen or the quarter hour changes. */
export function usePlan(held: HeldByWish): PlanState {
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const now = Math.floor(useNow() / (hourMs / 4)) * (hourMs / 4);
  const [found, setFound] = useState(last);
  const asked = useMemo(() => planAsk(household, forecasts, now), [household, forecasts, now]);
  const ask = {
    ...asked,
    wishes: asked.wishes.map((wish) => ({ ...wish, held: { ...wish.held, ...held[wish.id] } })),
  };
  const key = JSON.stringify({ ...ask, now });
  const [tries, setTries] = useState(0);
  useEffect(() => {
    if (ask.wishes.length === 0 || (last?.key === key && last.answer)) return;
    const show = (each: Found) => setFound((last = each));
    // The soonest alone is there at once; the rest follows.
    if (!last?.answer && ask.wishes.length > 1)
      void planner()
        .plan({ ...ask, wishes: soonest(ask) })
        .then((answer) => last?.answer ?? show({ key: '', answer, now }));
    void planner()
      .plan(ask)
      .then((answer) => show({ key, answer, now }));
    // The key says all that the question holds.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, tries]);
  const answer = found?.answer ?? null;
  const failed = found?.key === key && !answer;
  const again = () => {
    setFound((last = undefined));
    setTries((before) => before + 1);
  };
  return { answer, now: found?.now ?? now, again: failed ? again : null };
}
