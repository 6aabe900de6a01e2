import type { Fold } from '../../fold';

export const ended: Fold<'ended'> = {
  subjects: (entry) => entry.lots,
  fold: (target, entry) => {
    const { at, how, why } = entry;
    for (const id of entry.lots) {
      const lot = target.isOpen(id) ? target.lot(id) : undefined;
      if (lot && !lot.ended)
        target.put(target.writer.change(lot, { ended: { at, how, why, entryId: entry.id } }));
    }
  },
};
