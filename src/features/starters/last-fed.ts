import { movedBy, type Lot } from '@/core/lots/lot';
import { fermentableGrams } from '@/core/matter/substances';

/** When a jar was last given sugar; its beginning if never since. */
export const lastFedAt = (lot: Lot): number =>
  lot.events.findLast((event) => event.kind === 'added' && fermentableGrams(movedBy(event).liquid) > 0.5)
    ?.at ?? lot.begunAt;
