import type { Fold } from '../../bench';

export const ended: Fold<'ended'> = {
  subjects: (entry) => entry.lots,
  fold: (bench, entry) => {
    const { at, how, why } = entry;
    for (const id of entry.lots) {
      const lot = bench.isOpen(id) ? bench.lot(id) : undefined;
      if (lot && !lot.ended) bench.put(bench.pen.change(lot, { ended: { at, how, why, entryId: entry.id } }));
    }
  },
};
