import type { Recipe, RecipeLine } from '../recipe';
import type { When } from '../../lots/records/method';
import type { Form } from '../../matter/ingredient';

/** A recipe of the library: its first version, that nobody rated. */
export const libraryRecipe = (recipe: Omit<Recipe, 'version' | 'rating' | 'note' | 'from'>): Recipe => ({
  ...recipe,
  version: 1,
  rating: null,
  note: '',
  from: null,
});

const line =
  (when: When) =>
  (what: string, perLitre: number, form?: Form): RecipeLine => ({
    what,
    perLitre,
    when,
    ...(form ? { form } : {}),
  });

/** What goes in with the heat, cold into the jar, once it is cool, or to steep after the first ferment. */
export const pot = line('pot');
export const intoJar = line('cold');
export const last = line('last');
export const infuse = line('infusion');
