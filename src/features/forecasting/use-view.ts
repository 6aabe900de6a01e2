import { format } from 'date-fns/format';
import { useMemo } from 'react';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { awayOf } from '@/core/settings/away';
import { wakingOf } from '@/core/settings/waking-hours';
import { nightsOf } from '@/core/tasks/kitchen-clock';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { hourMs } from '@/core/duration';

/** What part of the forecast is shown, and the days and nights in it, on the forecast's clock. */
export interface View {
  readonly from: number;
  readonly to: number;
  readonly nowHour: number;
  readonly days: readonly { readonly hour: number; readonly label: string }[];
  /** When nobody is up, and when nobody is home. */
  readonly nights: readonly (readonly [number, number])[];
  readonly away: readonly (readonly [number, number])[];
}

export function useView(answer: LotAnswer, now: number): View {
  const household = useAppSelector(selectHousehold);
  const coarseNow = Math.floor(now / (hourMs / 4)) * (hourMs / 4);
  return useMemo(() => {
    const { start } = answer;
    const nowHour = (coarseNow - start) / hourMs;
    const end = answer.hours.at(-1)!;
    const wanted = Math.max(
      nowHour + 84,
      Math.min(nowHour + 240, (answer.chill?.latest ?? answer.taste?.latest ?? 0) + 30),
    );
    const to = Math.max(24, Math.min(end, wanted));
    const from = Math.max(0, Math.min(nowHour - 72, to - 96));
    const days: { hour: number; label: string }[] = [];
    const day = new Date(start + from * hourMs);
    day.setHours(0, 0, 0, 0);
    for (let i = 0; i < 60; i++) {
      const midnight = new Date(day);
      midnight.setDate(day.getDate() + i);
      const hour = (midnight.getTime() - start) / hourMs;
      if (hour > to) break;
      days.push({ hour, label: format(midnight, 'EEE d') });
    }
    const hoursOf = ([a, b]: readonly [number, number]) =>
      [
        (Math.max(a, start + from * hourMs) - start) / hourMs,
        (Math.min(b, start + to * hourMs) - start) / hourMs,
      ] as const;
    const span = [start + from * hourMs, start + to * hourMs] as const;
    const nights = nightsOf(...span, wakingOf(household)).map(hoursOf);
    const plan = awayOf(household);
    const away = plan && plan.from < span[1] && plan.to > span[0] ? [hoursOf([plan.from, plan.to])] : [];
    return { from, to, nowHour, days, nights, away };
  }, [answer, coarseNow, household]);
}
