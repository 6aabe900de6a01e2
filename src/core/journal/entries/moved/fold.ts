import { recordEvent, type Fold } from '../../fold';

export const moved: Fold<'moved'> = {
  subjects: (entry) => entry.lots,
  fold: (target, { vessel, ...entry }) =>
    recordEvent(
      target,
      entry.lots,
      entry,
      { kind: 'moved', place: entry.place },
      { place: entry.place, ...(vessel ? { vessel } : {}) },
    ),
};
