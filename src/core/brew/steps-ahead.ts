import type { PlaceId } from '../kitchen/places';
import { addPortions } from '../lots/add';
import { emptyLot } from '../lots/begin';
import type { Lot } from '../lots/lot';
import type { RecipeSnapshot } from '../lots/records/recipe-snapshot';
import type { Portion } from '../matter/portion';
import { stepsOf, type BrewStep } from './steps';

/** A brew that is not begun yet. */
export interface BrewAhead {
  readonly name: string;
  readonly jarMl: number;
  readonly place: PlaceId;
  /** With its method, what goes in later, and the water. */
  readonly recipe: RecipeSnapshot;
  /** What goes in at the beginning, without water. */
  readonly portions: readonly Portion[];
}

/**
 * The steps that a brew day would have, before anything is begun.
 *
 * @param from the jar or packet its dose would come from
 * @param around air of the kitchen, °C
 */
export function stepsAhead(
  { name, jarMl, place, recipe, portions }: BrewAhead,
  from: Lot | undefined,
  around: number,
): BrewStep[] {
  const empty = emptyLot('ahead', 0, {
    role: 'brew',
    name,
    vessel: { kind: 'jar', ml: jarMl },
    closure: recipe.method?.closure ?? 'cloth',
    place,
    recipe,
  });
  const lot = addPortions(empty, [{ what: 'water', ml: recipe.waterMl ?? 0 }, ...portions], {
    at: 0,
    entryId: 'ahead',
  });
  return stepsOf({ lot, from, around });
}
