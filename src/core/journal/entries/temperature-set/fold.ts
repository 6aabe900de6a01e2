import type { Fold } from '../../bench';

export const temperatureSet: Fold<'temperature-set'> = {
  subjects: (entry) => [`place:${entry.place}`],
  fold: (bench, entry) => {
    const { at, celsius, swing, offset } = entry;
    bench.warm(entry.place, swing ? { at, celsius, swing, offset } : { at, celsius });
  },
};
