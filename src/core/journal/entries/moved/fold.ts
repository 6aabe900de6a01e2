import { mark, type Fold } from '../../bench';

export const moved: Fold<'moved'> = {
  subjects: (entry) => entry.lots,
  fold: (bench, { vessel, ...entry }) =>
    mark(
      bench,
      entry.lots,
      entry,
      { kind: 'moved', place: entry.place },
      { place: entry.place, ...(vessel ? { vessel } : {}) },
    ),
};
