import type { Fold } from '../../bench';

export const temperatureSet: Fold<'temperature-set'> = {
  subjects: (entry) => [`place:${entry.place}`],
  fold: (bench, entry) => {
    const { at, celsius, swing, offset, felt } = entry;
    const step = { at, celsius, ...(felt ? { felt } : {}) };
    bench.warm(entry.place, swing ? { ...step, swing, offset } : step);
  },
};
