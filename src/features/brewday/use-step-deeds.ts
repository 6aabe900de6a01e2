import { useState } from 'react';
import type { BrewStep } from '@/core/brew/steps';
import { lotOf } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { timerKey, timersOf } from '@/core/settings/timer';
import { useKeeper } from '@/store/keeper-context';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { stepDeeds, type StepFault, type Typed } from './step-deeds';
import { timerGone } from './timers';

export interface StepDeeds {
  readonly typed: Typed;
  readonly type: (key: keyof Typed, text: string) => void;
  readonly fault: StepFault | null;
  /** Takes a step: what it does to the kitchen is written down with it. False when something must be put right first. */
  readonly take: (step: BrewStep) => boolean;
  readonly skip: (step: BrewStep) => void;
}

/** What taking a step writes into the journal. */
export function useStepDeeds(lot: Lot): StepDeeds {
  const keeper = useKeeper();
  const household = useAppSelector(selectHousehold);
  const [typed, setTyped] = useState({ celsius: '', dose: plannedDose(lot.recipe?.planned), sg: '' });
  const [fault, setFault] = useState<StepFault | null>(null);
  const mark = (step: BrewStep, done: boolean) => {
    keeper.write({ kind: 'step-taken', lotId: lot.id, step: step.id, done });
    const timer = timersOf(household).find(({ key }) => key === timerKey(lot.id, step.id));
    if (timer) keeper.write(timerGone(timer));
  };
  return {
    typed,
    fault,
    type: (key, text) => {
      setFault(null);
      setTyped({ ...typed, [key]: text });
    },
    take: (step) => {
      const done = stepDeeds[step.deed](step, lot, typed, (id) => lotOf(household, id));
      setFault('key' in done ? done : null);
      if ('key' in done) return false;
      keeper.together(() => {
        for (const act of done) keeper.write(act);
        mark(step, true);
      });
      return true;
    },
    skip: (step) => keeper.together(() => mark(step, false)),
  };
}

const plannedDose = (
  planned: { readonly ml?: number | undefined; readonly grams?: number | undefined } | undefined,
) =>
  planned?.ml !== undefined
    ? `${Math.round(planned.ml)} ml`
    : planned?.grams !== undefined
      ? `${Number(planned.grams.toFixed(1))} g`
      : '';
