import { emptyContents, levelMl, scaled, type Contents } from '../matter/contents';
import { portionsContents } from '../matter/portion';
import type { Lot } from './lot';
import type { NewLot } from './records/new-lot';

/** The least that begins a jar, a brew or a bottle, ml; and a packet. */
export const leastBegunMl = 5;
export const leastPacketMl = 0.2;

/** All of several portions in one heap. */
export const contentsOf = portionsContents;

/** What does not fit flows over the rim: liquid and solids alike. */
export function withinRim(contents: Contents, rimMl: number): { held: Contents; spilledMl: number } {
  const level = levelMl(contents);
  return level > rimMl && level > 0
    ? { held: scaled(contents, rimMl / level), spilledMl: level - rimMl }
    : { held: contents, spilledMl: 0 };
}

/** An empty vessel with a name on it. */
export const emptyLot = (id: string, at: number, said: NewLot): Lot => ({
  id,
  begunAt: at,
  role: said.role,
  name: said.name,
  vessel: said.vessel,
  closure: said.closure,
  place: said.place,
  firstClosure: said.closure,
  firstPlace: said.place,
  culture: said.culture ?? null,
  recipe: said.recipe ?? null,
  ...(said.mark ? { mark: said.mark } : {}),
  ...(said.variant ? { variant: said.variant } : {}),
  ...(said.chillDays ? { chillDays: said.chillDays } : {}),
  contents: emptyContents,
  markMl: 0,
  lostMl: 0,
  events: [],
  opened: null,
  ended: null,
});
