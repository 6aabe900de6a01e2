import type { Fold } from '../../bench';

/** The lot knows its steps; what a step put in or took out is an entry of its own. */
export const stepTaken: Fold<'step-taken'> = {
  subjects: (entry) => [entry.lotId],
  fold: (bench, entry) => {
    const lot = bench.isOpen(entry.lotId) ? bench.lot(entry.lotId) : undefined;
    if (!lot) return;
    const steps = { ...lot.steps, [entry.step]: { done: entry.done, at: entry.at } };
    bench.put(bench.pen.change(lot, { steps }));
  },
};
