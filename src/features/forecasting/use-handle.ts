import { useRef, useState } from 'react';
import type { LotAnswer } from '@/core/forecast/family-answer';
import type { Window } from '@/core/forecast/windows';
import { isAwake, lastAwake, nextAwake, wakingOf, type WakingHours } from '@/core/kitchen/waking';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { moment, quarter } from '@/words/moment';
import type { View } from './use-view';

const hourMs = 3_600_000;

/**
 * The moment chosen on the forecast. It starts at the best one that somebody is up for, stays in the future, and moves in
 * whole hours.
 *
 * @param pixels how many pixels some hours are wide
 */
export function useHandle(answer: LotAnswer, view: View, pixels: (hours: number) => number) {
  const min = Math.ceil(Math.max(view.from, view.nowHour));
  const max = Math.max(min, Math.floor(view.to) - 1);
  const waking = wakingOf(useAppSelector(selectHousehold));
  const window = answer.chill ?? answer.taste;
  const best = window ? awakeBest(answer.start, window, waking) : min;
  const [chosen, setChosen] = useState<number | null>(null);
  const from = useRef(0);
  const held = (hour: number) => Math.min(max, Math.max(min, Math.round(hour)));
  const hour = held(chosen ?? best);
  return {
    hour,
    min,
    max,
    drag: (moved: number, phase: 'start' | 'move') => {
      if (phase === 'start') from.current = hour;
      else setChosen(held(from.current + moved / pixels(1)));
    },
    step: (hours: number) => setChosen(held(hour + hours)),
    words: (start: number, now: number) => moment(quarter(start + hour * hourMs), now),
  };
}

/** The best moment of a window, or the nearest to it within the window at which somebody is up. */
export function awakeBest(start: number, { earliest, best, latest }: Window, waking: WakingHours): number {
  const at = start + best * hourMs;
  if (isAwake(at, waking)) return best;
  const before = (lastAwake(at, waking) - start) / hourMs;
  const after = (nextAwake(at, waking) - start) / hourMs;
  // A window that lies wholly in the night is met before bed: too early is better than too late.
  return before < earliest && after <= latest ? after : before;
}
