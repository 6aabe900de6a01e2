import { addPortions } from '../../../lots/add';
import { emptyLot } from '../../../lots/begin';
import type { Fold } from '../../fold';

export const lotBegun: Fold<'lot-begun'> = {
  subjects: (entry) => [entry.id],
  fold: (target, entry) => {
    if (!target.isOpen(entry.id)) return;
    const moment = { at: entry.at, entryId: entry.id };
    target.put(
      addPortions(emptyLot(entry.id, entry.at, entry), entry.portions, moment, entry, target.writer),
    );
  },
};
