import { knownCultures, type CultureTable } from '../../cultures/registry';
import type { Lot } from '../../lots/lot';
import type { LotFinder } from '../../lots/pitch';
import { membersOf, rootOf } from './family-members';

/** A bottle that gives under the hand: glass is never squeezed. */
export const isSoft = ({ vessel }: Pick<Lot, 'vessel'>): boolean => vessel.kind === 'plastic-soda';

/**
 * The bottle that is squeezed to know a lot's pressure: itself when it is soft, else a soft one of its batch that is closed and
 * stands where it stands.
 *
 * @returns null when there is none: then one cap is eased and listened to
 */
export function squeezedFor(lot: Lot, find: LotFinder, cultures: CultureTable = knownCultures): Lot | null {
  if (isSoft(lot)) return lot;
  const pilots = membersOf(rootOf(lot, find), find, cultures).filter(
    (each) => isSoft(each) && each.closure === 'sealed' && !each.opened && !each.ended,
  );
  return pilots.find(({ place }) => place === lot.place) ?? null;
}
