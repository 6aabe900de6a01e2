import { mark, type Fold } from '../../bench';

export const measured: Fold<'measured'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) =>
    mark(bench, [entry.lotId], entry, {
      kind: 'read',
      readings: [{ kind: entry.quantity, value: entry.value }],
      by: entry.by,
    }),
};
