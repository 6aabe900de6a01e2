import { addPortions } from '../../../lots/add';
import type { Fold } from '../../fold';

export const portionsAdded: Fold<'portions-added'> = {
  subjects: (entry) => [entry.lotId],
  fold: (target, entry) => {
    const lot = target.isOpen(entry.lotId) ? target.lot(entry.lotId) : undefined;
    if (!lot) return;
    target.put(addPortions(lot, entry.portions, { at: entry.at, entryId: entry.id }, entry, target.writer));
  },
};
