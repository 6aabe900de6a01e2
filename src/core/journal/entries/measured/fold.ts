import { asMeasured } from '../../../lots/measure';
import { liquidMl } from '../../../matter/contents';
import { mark, type Fold } from '../../bench';

export const measured: Fold<'measured'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const lot = bench.lot(entry.lotId);
    if (!lot) return;
    const { quantity, value, by } = entry;
    const contents = asMeasured(lot, quantity, value);
    const foundMl = liquidMl(contents) - liquidMl(lot.contents);
    mark(
      bench,
      [entry.lotId],
      entry,
      {
        kind: 'read',
        readings: [{ kind: quantity, value }],
        by,
        ...(quantity === 'ml' ? { foundMl } : {}),
      },
      { contents },
    );
  },
};
