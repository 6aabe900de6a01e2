import type { Fold } from '../../bench';

export const temperatureSet: Fold<'temperature-set'> = {
  subjects: (entry) => [`place:${entry.place}`],
  fold: (bench, entry) => {
    const { at, celsius, swing } = entry;
    bench.warm(entry.place, swing === undefined ? { at, celsius } : { at, celsius, swing });
  },
};
