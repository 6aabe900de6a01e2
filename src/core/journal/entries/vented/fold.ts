import { mark, type Fold } from '../../bench';

export const vented: Fold<'vented'> = {
  subjects: (entry) => entry.lots,
  fold: (bench, entry) => mark(bench, entry.lots, entry, { kind: 'vented', long: entry.long }),
};
