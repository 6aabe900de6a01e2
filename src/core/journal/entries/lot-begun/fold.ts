import { addPortions } from '../../../lots/add';
import { emptyLot } from '../../../lots/begin';
import type { Fold } from '../../bench';

export const lotBegun: Fold<'lot-begun'> = {
  subjects: (entry) => [entry.id],
  fold: (bench, entry) => {
    if (!bench.isOpen(entry.id)) return;
    const moment = { at: entry.at, entryId: entry.id };
    bench.put(addPortions(emptyLot(entry.id, entry.at, entry), entry.portions, moment, entry, bench.pen));
  },
};
