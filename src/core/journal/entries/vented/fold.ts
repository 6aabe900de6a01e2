import { recordEvent, type Fold } from '../../fold';

export const vented: Fold<'vented'> = {
  subjects: (entry) => entry.lots,
  fold: (target, entry) => recordEvent(target, entry.lots, entry, { kind: 'vented', long: entry.long }),
};
