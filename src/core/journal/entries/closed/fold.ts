import { recordEvent, type Fold } from '../../fold';

export const closed: Fold<'closed'> = {
  subjects: (entry) => entry.lots,
  fold: (target, entry) =>
    recordEvent(
      target,
      entry.lots,
      entry,
      { kind: 'closed', closure: entry.closure },
      { closure: entry.closure },
    ),
};
