import type { Lot } from '@/core/lots/lot';
import { leastDrawMl, mostDrawableMl } from '@/core/starter/draw-plan';
import { keptCulture } from '@/core/starter/feed-plan';
import type { Neglect } from '@/core/starter/neglect';
import { renewalOf } from '@/core/starter/renewal';
import { volume } from '../amounts';

/** What a kept jar gives now: so much to strain or to draw, or why nothing. */
export function givesWords(lot: Lot, neglect: Neglect | null): string {
  const keptCold = keptCulture(lot)?.keeping.ripe.by === 'alive';
  if (lot.place === 'fridge' && !keptCold) return 'Asleep: wake it before drawing';
  if (neglect && neglect.state !== 'late') return 'Bring it back before drawing';
  const renewal = renewalOf(lot);
  if (renewal) return `${renewal.discard ? 'Strain and throw away' : 'Strain'} ${volume(renewal.strainMl)}`;
  const most = mostDrawableMl(lot);
  return most < leastDrawMl ? 'Top up before the next draw' : `Draw up to ${volume(Math.round(most))}`;
}
