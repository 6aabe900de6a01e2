import { useEffect, useRef, useState } from 'react';
import type { PlanAnswer } from '@/core/plan/answer';
import { hourMs } from '@/core/duration';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { startPlanner, type Planner } from '@/workers/plan-client';
import { useForecasts } from '../forecasting/forecasts';
import { planAsk } from './plan-ask';

export interface PlanState {
  readonly answer: PlanAnswer | null;
  /** The instant it was asked for, ms. */
  readonly now: number;
  /** A newer one is being worked out; the old one stands meanwhile. */
  readonly pending: boolean;
}

/** The plan of all open wishes, asked anew when the kitchen or the quarter hour changes. @param held brew days that stand, by wish */
export function usePlan(held: Readonly<Record<string, number>> = {}): PlanState {
  const planner = useRef<Planner | null>(null);
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const now = Math.floor(useNow() / (hourMs / 4)) * (hourMs / 4);
  const [found, setFound] = useState<{
    readonly key: string;
    readonly answer: PlanAnswer | null;
    now: number;
  }>();
  const ask = planAsk(household, forecasts, now, held);
  const key = JSON.stringify([
    ask.wishes,
    ask.busy,
    ask.jars,
    ask.bottles,
    ask.fridge,
    ask.cold.bottles,
    ask.waking,
    ask.look,
    now,
  ]);
  useEffect(
    () => () => {
      planner.current?.end();
      planner.current = null;
    },
    [],
  );
  useEffect(() => {
    let over = false;
    if (ask.wishes.length > 0)
      void (planner.current ??= startPlanner()).plan(ask).then((answer) => {
        if (!over) setFound({ key, answer, now });
      });
    return () => {
      over = true;
    };
    // The key says all that the question holds.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return { answer: found?.answer ?? null, now: found?.now ?? now, pending: found?.key !== key };
}
