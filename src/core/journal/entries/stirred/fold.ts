import { recordEvent, type Fold } from '../../fold';

export const stirred: Fold<'stirred'> = {
  subjects: (entry) => entry.lots,
  fold: (target, entry) => recordEvent(target, entry.lots, entry, { kind: 'stirred' }),
};
