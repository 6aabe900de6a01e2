import { useMemo } from 'react';
import { allSeries, lotAnswer, type LotAnswer } from '@/core/forecast/family-answer';
import { diverged } from '@/core/forecast/what-if';
import type { StoredRun } from '@/core/forecast/stored-run';

export type Supposed = 'as-is' | 'cooler' | 'warmer' | 'burped';

export const supposedOptions = [
  { value: 'as-is', label: 'As it is' },
  { value: 'cooler', label: '3° cooler' },
  { value: 'warmer', label: '3° warmer' },
  { value: 'burped', label: 'Burped daily' },
] as const;

/** Kitchens followed into a supposition: enough for its bands, few enough to answer within a tap. */
const members = 32;

export interface RunAnswer {
  readonly run: StoredRun;
  readonly answer: LotAnswer;
}

/** The answer with one thing changed from now on. */
export function useSupposed(
  run: StoredRun,
  answer: LotAnswer,
  wantedSweetness: number,
  supposed: Supposed,
  nowHour: number,
): RunAnswer {
  const hour = Math.max(0, Math.floor(nowHour));
  return useMemo(() => {
    if (supposed === 'as-is') return { run, answer };
    const { celsius } = run.ferment.stages.at(-1)!;
    const change =
      supposed === 'burped'
        ? { ventEveryHours: 24 }
        : { celsius: celsius + (supposed === 'warmer' ? 3 : -3) };
    const changed = diverged(run, hour, change, members);
    const { lotId, start, wantedVolumes, limitBar, sealedFromHour } = answer;
    return {
      run: changed,
      answer: lotAnswer(
        { lotId, run: 0, wantedVolumes, wantedSweetness, limitBar, sealedFromHour },
        start,
        changed,
        allSeries(changed),
      ),
    };
  }, [run, answer, supposed, hour, wantedSweetness]);
}
