import type { Reading } from '../../../lots/lot';
import { mark, type Fold } from '../../bench';

export const observed: Fold<'observed'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const readings = Object.entries(entry.signs).flatMap(([kind, value]) =>
      value === undefined ? [] : [{ kind, value } as Reading],
    );
    mark(bench, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
  },
};
