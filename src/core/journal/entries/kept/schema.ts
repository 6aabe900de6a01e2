import { z } from 'zod';
import { settingRecords, type Thing } from '../../../settings/settings';
import { exampleStamp, stamp } from '../base';

/** Version of this kind: since 3 every thing has a schema of its own. */
export const keptVersion = 3;

const kept = <T extends Thing, V extends z.ZodType>(thing: T, value: V) =>
  z.strictObject({
    ...stamp,
    version: z.literal(keptVersion),
    kind: z.literal('kept'),
    thing: z.literal(thing),
    key: z.string().min(1).max(80),
    /** Null when it is gone. */
    value: value.nullable(),
  });

/** Something of the household and how it stands: a person, waking hours, stock, a recipe. */
export const Kept = z.discriminatedUnion('thing', [
  kept('alcohol-ceiling', settingRecords['alcohol-ceiling']),
  kept('away', settingRecords.away),
  kept('build-up', settingRecords['build-up']),
  kept('busy', settingRecords.busy),
  kept('caution', settingRecords.caution),
  kept('fridge-room', settingRecords['fridge-room']),
  kept('ingredient', settingRecords.ingredient),
  kept('pantry', settingRecords.pantry),
  kept('person', settingRecords.person),
  kept('price', settingRecords.price),
  kept('recipe', settingRecords.recipe),
  kept('school', settingRecords.school),
  kept('spell', settingRecords.spell),
  kept('stock', settingRecords.stock),
  kept('timer', settingRecords.timer),
  kept('waking', settingRecords.waking),
  kept('wish', settingRecords.wish),
  kept('working', settingRecords.working),
]);
export type Kept = z.infer<typeof Kept>;

export const example: Kept = {
  ...exampleStamp,
  version: keptVersion,
  kind: 'kept',
  thing: 'person',
  key: 'ida',
  value: { name: 'Ida', stopsAt: null },
};
