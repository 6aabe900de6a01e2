import type { Fold } from '../../bench';

export const kept: Fold<'kept'> = {
  subjects: (entry) => [`kept:${entry.thing}:${entry.key}`],
  fold: (bench, entry) => bench.keep(entry.thing, entry.key, entry.value),
};
