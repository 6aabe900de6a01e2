import { asMeasured } from '../../../lots/measure';
import { liquidMl } from '../../../matter/contents';
import { recordEvent, type Fold } from '../../fold';

export const measured: Fold<'measured'> = {
  subjects: (entry) => [entry.lotId],
  fold: (target, entry) => {
    const lot = target.lot(entry.lotId);
    if (!lot) return;
    const { quantity, value, by } = entry;
    const contents = asMeasured(lot, quantity, value);
    const foundMl = liquidMl(contents) - liquidMl(lot.contents);
    recordEvent(
      target,
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
