import type { Lot } from '@/core/lots/lot';
import { leastDrawMl, mostDrawableMl } from '@/core/starter/draw-plan';
import { keptCulture } from '@/core/starter/feed-plan';
import type { Neglect } from '@/core/starter/neglect';
import { renewalOf } from '@/core/starter/renewal';
import { volume } from '../amounts';
import { t } from '@/core/language/t';

/** What a kept jar gives now: so much to strain or to draw, or why nothing. */
export function givesWords(lot: Lot, neglect: Neglect | null): string {
  const keptCold = keptCulture(lot)?.keeping.ripe.by === 'alive';
  if (lot.place === 'fridge' && !keptCold) return t`Asleep: wake it before drawing`;
  if (neglect && neglect.state !== 'late') return t`Bring it back before drawing`;
  const renewal = renewalOf(lot);
  if (renewal) return `${renewal.discard ? t`Strain and throw away` : t`Strain`} ${volume(renewal.strainMl)}`;
  const most = mostDrawableMl(lot);
  return most < leastDrawMl ? t`Top up before the next draw` : t`Draw up to ${volume(Math.round(most))}`;
}
