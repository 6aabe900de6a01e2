import type { Fold } from '../../fold';

export const temperatureSet: Fold<'temperature-set'> = {
  subjects: (entry) => [`place:${entry.place}`],
  fold: (target, entry) => {
    const { at, celsius, swing, offset, felt } = entry;
    const step = { at, celsius, ...(felt ? { felt } : {}) };
    target.warm(entry.place, swing ? { ...step, swing, offset } : step);
  },
};
