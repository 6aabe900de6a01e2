import type { Fold } from '../../fold';
import type { Kept } from './schema';

/** Schools are chosen for a lot; everything else stands in the household. */
const lotOfSchool = ({ thing, key }: Kept): string | null => (thing === 'school' ? key : null);

export const kept: Fold<'kept'> = {
  subjects: (entry) => {
    const lot = lotOfSchool(entry);
    return [...(lot === null ? [] : [lot]), `kept:${entry.thing}:${entry.key}`];
  },
  fold: (target, entry) => {
    target.set(entry);
    if (entry.thing !== 'school') return;
    const lot = target.isOpen(entry.key) ? target.lot(entry.key) : undefined;
    if (lot) target.put(target.writer.change(lot, { schools: entry.value ?? {} }));
  },
};
