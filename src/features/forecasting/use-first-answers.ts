import { useEffect, useMemo, useState } from 'react';
import type { Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import type { ForecastQueue } from '@/workers/forecast-queue';
import { urgentSubjects } from './questions';

/** A kitchen of which nothing is answered yet is waited for no longer than this, ms. */
const freshAtMostMs = 15_000;

/**
 * How far the answers of a start are: `fresh` from the first look at what lives, if none of it is answered, until all of it is;
 * `first` while those first answers, of few kitchens and without what past batches teach, are worked out anew; then `settled`.
 */
type FirstAnswers = 'unseen' | 'fresh' | 'first' | 'settled';

/** @returns the state, and what to call once everything was asked */
export function useFirstAnswers(
  queue: ForecastQueue,
  household: Household,
  living: readonly Lot[],
): { readonly state: FirstAnswers; readonly onAsked: () => void } {
  const [state, setState] = useState<FirstAnswers>('unseen');
  const subjects = useMemo(() => urgentSubjects(household, living), [household, living]);
  const answered = subjects.filter(
    (id) => queue.familyAnswer(id) ?? queue.starterAnswer(id) ?? queue.hasFailed(id),
  ).length;
  let next = state;
  if (next === 'unseen' && subjects.length > 0) next = answered > 0 ? 'settled' : 'fresh';
  if (next === 'fresh' && answered === subjects.length) next = 'first';
  if (next !== state) setState(next);
  useEffect(() => {
    if (next !== 'fresh') return undefined;
    const timer = setTimeout(() => setState('first'), freshAtMostMs);
    return () => clearTimeout(timer);
  }, [next]);
  const onAsked = () => {
    if (next === 'first' && queue.isIdle()) setState('settled');
  };
  return { state: next, onAsked };
}
