import { z } from 'zod';
import { grams, millilitres } from '../matter/records/portion';
import { entriesOf, type Holds } from './holds';
import { instant } from './scalars';

/** An ingredient that is in the house; how much of it, as far as somebody said, and when. */
export const PantryRecord = z.strictObject({
  grams: grams.optional(),
  ml: millilitres.optional(),
  since: instant.optional(),
});
type InPantry = z.infer<typeof PantryRecord>;

export const example: InPantry = { grams: 500, since: 1_799_000_000_000 };

/** What was said to be in the house, by ingredient. */
export const inPantry = (household: Holds<'pantry', InPantry>): ReadonlyMap<string, InPantry> =>
  new Map(entriesOf(household, 'pantry'));
