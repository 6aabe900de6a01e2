import type { Fold } from '../../fold';

/** The lot knows its steps; what a step put in or took out is an entry of its own. */
export const stepTaken: Fold<'step-taken'> = {
  subjects: (entry) => [entry.lotId],
  fold: (target, entry) => {
    const lot = target.isOpen(entry.lotId) ? target.lot(entry.lotId) : undefined;
    if (!lot) return;
    const steps = { ...lot.steps, [entry.step]: { done: entry.done, at: entry.at } };
    target.put(target.writer.change(lot, { steps }));
  },
};
