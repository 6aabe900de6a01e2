import { mark, type Fold } from '../../bench';

export const stirred: Fold<'stirred'> = {
  subjects: (entry) => entry.lots,
  fold: (bench, entry) => mark(bench, entry.lots, entry, { kind: 'stirred' }),
};
