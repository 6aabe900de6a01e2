import { useEffect, useMemo, useState } from 'react';
import { lookToolOf } from '@/core/plan/look-tool';
import type { UnderWay } from '@/core/plan/under-way';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { planner } from '@/workers/plan-client';
import { useForecasts } from '../forecasting/forecasts';
import { busyOf } from './plan-ask';
import { madeFor, underWayAsk } from './under-way-ask';

/** What becomes of the wishes whose brew is under way, by the keys of the wishes; empty until it is worked out. */
export function useUnderWay(now: number): ReadonlyMap<string, UnderWay> {
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const [found, setFound] = useState<ReadonlyMap<string, UnderWay>>(new Map());
  const asked = useMemo(() => {
    const asks = madeFor(household, now).flatMap(
      (made) => underWayAsk(made, household, forecasts, now) ?? [],
    );
    const hands = {
      free: { waking: wakingOf(household), busy: busyOf(household, now) },
      look: lookToolOf(household),
      // Heat and cold ahead are in the questions of what ferments already.
      pace: [],
      now,
    };
    return { asks, hands };
  }, [household, forecasts, now]);
  const key = JSON.stringify(asked);
  useEffect(() => {
    if (asked.asks.length === 0) return undefined;
    let isShown = true;
    void planner()
      .underWay(asked.asks, asked.hands)
      .then((answers) => {
        if (isShown && answers) setFound(new Map(answers.map((each) => [each.wishId, each])));
      });
    return () => {
      isShown = false;
    };
    // The key says all that the question holds.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return found;
}
