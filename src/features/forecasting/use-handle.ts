import { useMemo, useState } from 'react';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Window } from '@/core/forecast/advice/windows';
import { isAwake, lastAwake, nextAwake, type WakingHours } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { moment, quarter } from '@/words/moment';
import { DragController } from './drag-controller';
import type { View } from './use-view';
import { t } from '@/core/language/t';
import { hourMs } from '@/core/duration';

/** The moment that can be chosen on the forecast, in whole hours of its clock. */
export interface Handle {
  readonly hand: DragController;
  readonly min: number;
  readonly max: number;
  /** The hour that a choice stands for: within the range, and the best one while nothing was chosen. */
  readonly hourOf: (chosen: number | null) => number;
  readonly drag: (hours: number, phase: 'start' | 'move') => void;
  readonly step: (hours: number) => void;
  readonly words: (hour: number) => string;
}

/**
 * The moment chosen on the forecast. It starts at the best one that somebody is up for, stays in the future, and moves in
 * whole hours. It is the same handle for as long as the forecast stands, wherever the hand is.
 */
export function useHandle(answer: LotAnswer, view: View, now: number): Handle {
  const household = useAppSelector(selectHousehold);
  const [hand] = useState(() => new DragController());
  const coarseNow = Math.floor(now / 900_000) * 900_000;
  return useMemo(() => {
    const min = Math.ceil(Math.max(view.from, view.nowHour));
    const max = Math.max(min, Math.floor(view.to) - 1);
    const window = answer.chill ?? answer.taste;
    const best = window ? awakeBest(answer.start, window, wakingOf(household)) : min;
    const hourOf = (chosen: number | null) => Math.min(max, Math.max(min, Math.round(chosen ?? best)));
    const words = new Map<number, string>();
    return {
      hand,
      min,
      max,
      hourOf,
      drag: (hours, phase) => {
        if (phase === 'start') hand.grip(hourOf(hand.chosen()));
        else hand.hold(hourOf(hand.gripped + hours));
      },
      step: (hours) => hand.hold(hourOf(hourOf(hand.chosen()) + hours)),
      words: (hour) => {
        const at = quarter(answer.start + hour * hourMs);
        const known = words.get(hour) ?? (at <= coarseNow ? t`now` : moment(at, coarseNow));
        words.set(hour, known);
        return known;
      },
    };
  }, [answer, view, household, hand, coarseNow]);
}

/** The best moment of a window, or the nearest to it within the window at which somebody is up. */
function awakeBest(start: number, { earliest, best, latest }: Window, waking: WakingHours): number {
  const at = start + best * hourMs;
  if (isAwake(at, waking)) return best;
  const before = (lastAwake(at, waking) - start) / hourMs;
  const after = (nextAwake(at, waking) - start) / hourMs;
  // A window that lies wholly in the night is met before bed: too early is better than too late.
  return before < earliest && after <= latest ? after : before;
}
