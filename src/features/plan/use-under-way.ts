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

export interface UnderWayState {
  /** By the keys of the wishes; empty until it is worked out. */
  readonly answers: ReadonlyMap<string, UnderWay>;
  /** Asks once more where it could not be worked out; null where it could. */
  readonly again: (() => void) | null;
}

const none: ReadonlyMap<string, UnderWay> = new Map();

/** What becomes of the wishes whose brew is under way. */
export function useUnderWay(now: number): UnderWayState {
  const forecasts = useForecasts();
  const household = useAppSelector(selectHousehold);
  const [answers, setAnswers] = useState(none);
  const [failed, setFailed] = useState(false);
  const [tries, setTries] = useState(0);
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
      .then((found) => {
        if (!isShown) return;
        setFailed(found === null);
        if (found) setAnswers(new Map(found.map((each) => [each.wishId, each])));
      });
    return () => {
      isShown = false;
    };
    // The key says all that the question holds.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, tries]);
  const again = () => {
    setFailed(false);
    setTries((before) => before + 1);
  };
  return { answers, again: failed ? again : null };
}
