import type { LotReading } from '../../../lots/lot';
import { recordEvent, type Fold } from '../../fold';

export const observed: Fold<'observed'> = {
  subjects: (entry) => [entry.lotId],
  fold: (target, entry) => {
    const readings = Object.entries(entry.signs).flatMap(([kind, value]) =>
      value === undefined ? [] : [{ kind, value } as LotReading],
    );
    recordEvent(target, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
  },
};
