import { refusalWords } from '@/words/refusals';
import { useState } from 'react';
import { pitchCheck } from '@/core/brew/pitch-check';
import type { BrewStep } from '@/core/brew/steps';
import { lotOf } from '@/core/journal/household';
import { timerKey, timersOf } from '@/core/settings/timer';
import type { Lot } from '@/core/lots/lot';
import { parseNumber } from '@/core/measures/parse-measure';
import { drawnTyped } from '../forms/drawn-typed';
import { planDraw } from '@/core/starter/draw-plan';
import { useKeeper } from '@/store/keeper-context';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { solidOf } from '../forms/pitch-form';
import { gramsTyped } from '../forms/packet-dose';
import { readGravity } from './read-gravity';
import { timerGone } from './timers';

export interface StepDeeds {
  /** What is typed at the step in hand: °C, a dose, a gravity. */
  readonly typed: Readonly<Record<'celsius' | 'dose' | 'sg', string>>;
  readonly type: (key: 'celsius' | 'dose' | 'sg', text: string) => void;
  readonly fault: { readonly key: string; readonly message: string } | null;
  /** Takes a step: what it does to the kitchen is written down with it. False when something must be put right first. */
  readonly take: (step: BrewStep) => boolean;
  readonly skip: (step: BrewStep) => void;
}

type Fault = NonNullable<StepDeeds['fault']>;

/** What taking a step writes into the journal. */
export function useStepDeeds(lot: Lot): StepDeeds {
  const keeper = useKeeper();
  const household = useAppSelector(selectHousehold);
  const planned = lot.recipe?.planned;
  const [typed, setTyped] = useState({ celsius: '', dose: plannedDose(planned), sg: '' });
  const [fault, setFault] = useState<Fault | null>(null);
  const mark = (step: BrewStep, done: boolean) => {
    keeper.write({ kind: 'step-taken', lotId: lot.id, step: step.id, done });
    const timer = timersOf(household).find(({ key }) => key === timerKey(lot.id, step.id));
    if (timer) keeper.write(timerGone(timer));
  };
  const deed = (step: BrewStep): Fault | null => {
    switch (step.deed) {
      case 'add':
        keeper.write({ kind: 'portions-added', lotId: lot.id, portions: [...step.portions] });
        return null;
      case 'restart':
        if (step.lotId)
          keeper.write({ kind: 'portions-added', lotId: step.lotId, portions: [...step.portions] });
        return null;
      case 'strain':
        keeper.write({
          kind: 'transferred',
          from: lot.id,
          taken: 'solids',
          strained: step.way === 'cloth' || step.way === 'fine' ? step.way : 'coarse',
          targets: [{ gone: 'discarded' }],
        });
        return null;
      case 'measure': {
        const read = readGravity(typed.sg);
        if (read === 'none') return null;
        if (read === 'wrong')
          return { key: 'sg', message: 'A gravity such as 1.042, or °Brix such as 10.4.' };
        keeper.write({ kind: 'measured', lotId: lot.id, ...read });
        return null;
      }
      case 'pitch':
        return pitch(step);
      case 'none':
        return null;
    }
  };
  const pitch = (step: BrewStep): Fault | null => {
    const celsius = parseNumber(typed.celsius);
    if (!Number.isFinite(celsius))
      return { key: 'celsius', message: 'Say how warm the base is: tap what it feels like, or write °C.' };
    const check = pitchCheck(celsius);
    if (!check.ok) return { key: 'celsius', message: refusalWords(check) };
    if (step.portions.length > 0) {
      keeper.write({ kind: 'portions-added', lotId: lot.id, portions: [...step.portions], celsius });
      return null;
    }
    const jar = step.lotId ? lotOf(household, step.lotId) : undefined;
    if (!jar) return { key: 'dose', message: 'The starter is gone: pitch from the brew’s page.' };
    if (step.doseGrams !== undefined) {
      const grams = gramsTyped(typed.dose, jar);
      if (!grams.ok) return { key: 'dose', message: refusalWords(grams) };
      keeper.write({
        kind: 'transferred',
        from: jar.id,
        taken: 'solids',
        ...solidOf(jar),
        celsius,
        targets: [{ lotId: lot.id, grams: grams.value }],
      });
      return null;
    }
    const ml = drawnTyped(typed.dose, jar);
    if (!ml.ok) return { key: 'dose', message: refusalWords(ml) };
    const plan = planDraw(jar, ml.value);
    if (!plan.ok) return { key: 'dose', message: refusalWords(plan) };
    keeper.write({
      kind: 'transferred',
      from: jar.id,
      taken: 'liquid',
      celsius,
      targets: [{ lotId: lot.id, ml: ml.value }],
    });
    return null;
  };
  return {
    typed,
    fault,
    type: (key, text) => {
      setFault(null);
      setTyped({ ...typed, [key]: text });
    },
    take: (step) => {
      const wrong = keeper.together(() => {
        const fault = deed(step);
        if (!fault) mark(step, true);
        return fault;
      });
      setFault(wrong);
      return wrong === null;
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
