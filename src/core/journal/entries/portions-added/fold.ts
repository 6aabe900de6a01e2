import { addPortions } from '../../../lots/add';
import type { Fold } from '../../bench';

export const portionsAdded: Fold<'portions-added'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const lot = bench.isOpen(entry.lotId) ? bench.lot(entry.lotId) : undefined;
    if (!lot) return;
    bench.put(addPortions(lot, entry.portions, { at: entry.at, entryId: entry.id }, entry, bench.pen));
  },
};
