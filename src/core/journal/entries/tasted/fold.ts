import type { Reading } from '../../../lots/lot';
import { mark, type Fold } from '../../bench';

export const tasted: Fold<'tasted'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const { sweet, sour, fizz, strength } = entry;
    const readings = Object.entries({ sweet, sour, fizz, strength }).flatMap(([kind, value]) =>
      value === undefined ? [] : [{ kind, value } as Reading],
    );
    mark(bench, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
  },
};
