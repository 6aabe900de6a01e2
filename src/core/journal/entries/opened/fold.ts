import type { Reading } from '../../../lots/lot';
import { mark, type Fold } from '../../bench';

/** How a bottle opens tells its pressure as a hiss does. */
const hissOf = { still: 'none', gentle: 'faint', lively: 'good', gusher: 'violent' } as const;

export const opened: Fold<'opened'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const lot = bench.lot(entry.lotId);
    if (!lot || lot.opened) return;
    const readings: Reading[] = [{ kind: 'hiss', value: hissOf[entry.how] }];
    if (entry.sweet !== undefined) readings.push({ kind: 'sweet', value: entry.sweet });
    if (entry.sour !== undefined) readings.push({ kind: 'sour', value: entry.sour });
    mark(bench, [entry.lotId], entry, { kind: 'read', readings, by: entry.by });
    const now = { at: entry.at, how: entry.how, entryId: entry.id };
    mark(bench, [entry.lotId], entry, { kind: 'opened', how: entry.how }, { opened: now });
  },
};
