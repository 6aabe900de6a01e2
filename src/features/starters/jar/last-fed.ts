import { lastAt } from '@/core/lots/lineage';
import { movedBy, type Lot } from '@/core/lots/lot';
import { fermentableGrams } from '@/core/matter/substances';

/** When a jar was last given sugar; its beginning if never since. */
export const lastFedAt = (lot: Lot): number =>
  lastAt(lot, (event) => event.kind === 'added' && fermentableGrams(movedBy(event).liquid) > 0.5);
