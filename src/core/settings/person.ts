import { z } from 'zod';
import { entriesOf, type Holds } from './holds';

/** Somebody of the household, by a key of their own. */
export const PersonRecord = z.strictObject({
  name: z.string().max(80),
  /** How sweet they like a ferment to be stopped, g/L of sugar tasted; null while unsaid. */
  stopsAt: z.number().positive().max(2000).nullable(),
});
type PersonSetting = z.infer<typeof PersonRecord>;
export type Person = Readonly<PersonSetting> & { readonly key: string };

export const example: PersonSetting = { name: 'Ida', stopsAt: 45 };

/** The people of the household, by name. */
export const peopleOf = (household: Holds<'person', PersonSetting>): Person[] =>
  entriesOf(household, 'person')
    .flatMap(([key, person]) => (person.name === '' ? [] : [{ key, ...person }]))
    .sort((a, b) => a.name.localeCompare(b.name));
