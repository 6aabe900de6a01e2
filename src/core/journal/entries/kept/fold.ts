import type { KeptValue, Fold } from '../../fold';
import type { Kept } from './schema';

/** Schools are chosen for a lot; everything else stands in the household. */
const lotOfSchool = ({ thing, key }: Kept): string | null => (thing === 'school' ? key : null);

export const kept: Fold<'kept'> = {
  subjects: (entry) => {
    const lot = lotOfSchool(entry);
    return [...(lot === null ? [] : [lot]), `kept:${entry.thing}:${entry.key}`];
  },
  fold: (target, entry) => {
    target.keep(entry.thing, entry.key, entry.value);
    const id = lotOfSchool(entry);
    const lot = id !== null && target.isOpen(id) ? target.lot(id) : undefined;
    if (lot) target.put(target.writer.change(lot, { schools: chosen(entry.value) }));
  },
};

const chosen = (value: KeptValue | null): Readonly<Record<string, string>> =>
  Object.fromEntries(
    Object.entries(value ?? {}).flatMap(([key, each]) => (typeof each === 'string' ? [[key, each]] : [])),
  );
