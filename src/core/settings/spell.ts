import { z } from 'zod';
import { placeIds } from '../kitchen/places';
import { entriesOf, type Holds } from './holds';
import { instant, roomCelsius } from './scalars';

/** Weather that is coming, or a power cut: a place at a temperature for a while, by a key of its own. */
export const SpellRecord = z.strictObject({
  place: z.enum(placeIds),
  from: instant,
  to: instant,
  celsius: roomCelsius,
});
export type Spell = Readonly<z.infer<typeof SpellRecord>>;

export const example: Spell = {
  place: 'counter',
  from: 1_800_000_000_000,
  to: 1_800_400_000_000,
  celsius: 31,
};

/** Spells of heat or cold that were entered, in order of time. */
export const spellsOf = (household: Holds<'spell', Spell>): Spell[] =>
  entriesOf(household, 'spell')
    .flatMap(([, spell]) => (spell.to > spell.from ? [spell] : []))
    .sort((a, b) => a.from - b.from);
