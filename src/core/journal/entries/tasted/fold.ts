import { tasteKinds, type LotReading } from '../../../lots/lot';
import { recordEvent, type Fold } from '../../fold';

export const tasted: Fold<'tasted'> = {
  subjects: (entry) => [entry.lotId],
  fold: (target, entry) => {
    const readings = tasteKinds.flatMap((kind): LotReading[] => {
      const value = entry[kind];
      return value === undefined ? [] : [{ kind, value }];
    });
    recordEvent(target, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
  },
};
