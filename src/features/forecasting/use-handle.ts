import { useRef, useState } from 'react';
import type { LotAnswer } from '@/core/forecast/family-answer';
import { moment, quarter } from '@/words/moment';
import type { View } from './use-view';

const hourMs = 3_600_000;

/**
 * The moment chosen on the forecast. It starts at the best one, stays in the future, and moves in whole hours.
 *
 * @param pixels how many pixels some hours are wide
 */
export function useHandle(answer: LotAnswer, view: View, pixels: (hours: number) => number) {
  const min = Math.ceil(Math.max(view.from, view.nowHour));
  const max = Math.max(min, Math.floor(view.to) - 1);
  const best = answer.chill?.best ?? answer.taste?.best ?? min;
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
