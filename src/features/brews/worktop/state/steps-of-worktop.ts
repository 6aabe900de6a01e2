import { stepsAhead } from '@/core/brew/steps-ahead';
import type { BrewStep } from '@/core/brew/steps';
import { beginningOf } from './start-brew';
import type { Planned } from './worktop-plan';
import type { WorktopState } from './worktop-state';

/**
 * The steps its brew day would have; none while next to nothing would be in the jar.
 *
 * @param around air of the kitchen, °C
 */
export function stepsOfWorktop(state: WorktopState, planned: Planned, around: number): BrewStep[] {
  const beginning = beginningOf(state, planned, 'steps');
  if (!beginning.ok || !beginning.value.recipe) return [];
  const { name, vessel, place, recipe, portions } = beginning.value;
  const from = planned.life.kind === 'bare' || planned.life.kind === 'portion' ? undefined : planned.life.lot;
  return stepsAhead(
    { name, jarMl: vessel.ml, place, recipe, portions: portions.filter(({ what }) => what !== 'water') },
    from,
    around,
  );
}
