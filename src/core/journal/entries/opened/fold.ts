import type { LotReading } from '../../../lots/lot';
import { recordEvent, type Fold } from '../../fold';

/** How a bottle opens tells its pressure as a hiss does. */
const hissOf = { still: 'none', gentle: 'faint', lively: 'good', gusher: 'violent' } as const;

export const opened: Fold<'opened'> = {
  subjects: (entry) => [entry.lotId],
  fold: (target, entry) => {
    const lot = target.lot(entry.lotId);
    if (!lot || lot.opened) return;
    const readings: LotReading[] = [{ kind: 'hiss', value: hissOf[entry.how] }];
    if (entry.sweet !== undefined) readings.push({ kind: 'sweet', value: entry.sweet });
    if (entry.sour !== undefined) readings.push({ kind: 'sour', value: entry.sour });
    recordEvent(target, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
    const now = { at: entry.at, how: entry.how, entryId: entry.id };
    recordEvent(target, [entry.lotId], entry, { kind: 'opened', how: entry.how }, { opened: now });
  },
};
