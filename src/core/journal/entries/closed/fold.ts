import { mark, type Fold } from '../../bench';

export const closed: Fold<'closed'> = {
  subjects: (entry) => entry.lots,
  fold: (bench, entry) =>
    mark(bench, entry.lots, entry, { kind: 'closed', closure: entry.closure }, { closure: entry.closure }),
};
