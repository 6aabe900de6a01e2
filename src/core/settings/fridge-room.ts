import { z } from 'zod';
import { settingOf, type Holds } from './holds';

/** How many half-litre bottles stand in the fridge at most. */
export const FridgeRoomRecord = z.strictObject({ bottles: z.number().int().min(0).max(500) });
type FridgeRoom = Readonly<z.infer<typeof FridgeRoomRecord>>;

export const example: FridgeRoom = { bottles: 12 };

/** A household has one, under this key. */
export const fridgeRoomKey = 'fridge';

const bottleMl = 500;

/** Room for bottles in the fridge, ml; null where nobody said. */
export function fridgeRoomMl(household: Holds<'fridge-room', FridgeRoom>): number | null {
  const said = settingOf(household, 'fridge-room', fridgeRoomKey);
  return said ? said.bottles * bottleMl : null;
}
