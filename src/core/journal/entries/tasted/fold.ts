import { tasteKinds, type Reading } from '../../../lots/lot';
import { mark, type Fold } from '../../bench';

export const tasted: Fold<'tasted'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const readings = tasteKinds.flatMap((kind): Reading[] => {
      const value = entry[kind];
      return value === undefined ? [] : [{ kind, value }];
    });
    mark(bench, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
  },
};
