import { z } from 'zod';
import { grams, millilitres } from '../matter/records/portion';
import { entriesOf, type Holds } from './holds';

/** An ingredient that is in the house; how much of it, as far as somebody said. */
export const PantryRecord = z.strictObject({ grams: grams.optional(), ml: millilitres.optional() });
type InPantry = z.infer<typeof PantryRecord>;

export const example: InPantry = { grams: 500 };

/** What is in the house, by id. */
export const pantryOf = (household: Holds<'pantry', InPantry>): ReadonlySet<string> =>
  new Set(entriesOf(household, 'pantry').map(([what]) => what));
