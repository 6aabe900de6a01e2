import { composedQuestion } from '@/core/brew/composed-question';
import type { FamilyQuestion } from '@/core/forecast/question/family-question';
import { lotOf, type Household } from '@/core/journal/household';
import type { Warmths } from '@/core/kitchen/places';
import { habitsOf } from '@/core/tasting/habits';
import type { Forecasts } from '../../../forecasting/forecasts';
import { baseIn, type Planned } from './worktop-plan';
import type { WorktopState } from './worktop-state';

/** Temperatures as they were, with what is supposed from now on. */
function supposedWarmths(warmths: Warmths, { place, celsius }: WorktopState, now: number): Warmths {
  return celsius === null
    ? warmths
    : { ...warmths, [place]: [...(warmths[place] ?? []).filter(({ at }) => at < now), { at: now, celsius }] };
}

/** What is asked about a brew of the worktop, as if it were pitched now; null while nothing would live in it. */
export const composedAsk = (
  state: WorktopState,
  { plan, life }: Planned,
  household: Household,
  { learnedFor }: Pick<Forecasts, 'learnedFor'>,
  now: number,
): FamilyQuestion | null =>
  composedQuestion({
    portions: plan.brew.portions,
    life,
    base: baseIn(state),
    method: state.method,
    place: state.place,
    wantedVolumes: state.volumes,
    jarMl: plan.brew.jarMl,
    find: (id) => lotOf(household, id),
    warmths: supposedWarmths(household.warmths, state, now),
    learned: learnedFor,
    habits: habitsOf(household),
    now,
  });
