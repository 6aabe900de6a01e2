import type { PlaceId, WarmthStep } from '../kitchen/places';
import type { Lot } from '../lots/lot';
import { copying, writingInPlace, type Pen } from '../lots/shelf';
import type { Bench, KeptValue } from './bench';
import { tableOf, valueIn, withValues } from './entry-table';
import type { Household } from './household';

/** A bench over a household: writes are gathered and packed into a new household at the end. */
export function overlay(household: Household, isOpen: (id: string) => boolean, pen: Pen = copying) {
  const lots = new Map<string, Lot | null>();
  let { warmths, kept } = household;
  const bench: Bench = {
    lot: (id) => (lots.has(id) ? (lots.get(id) ?? undefined) : valueIn(household.lots, id)),
    put: (lot) => void lots.set(lot.id, lot),
    pen,
    isOpen,
    warm: (place, step) => {
      warmths = { ...warmths, [place]: placeIn([...(warmths[place] ?? [])], step) };
    },
    keep: (thing, key, value) => {
      const { [key]: _before, ...others } = kept[thing] ?? {};
      kept = { ...kept, [thing]: value === null ? others : { ...others, [key]: value } };
    },
  };
  return {
    ...bench,
    /** Forgets what is known of subjects, before they are told anew. */
    clear: (subjects: Iterable<string>) => {
      for (const subject of subjects) {
        const [space, thing, ...key] = subject.split(':');
        if (space === 'place') warmths = { ...warmths, [thing as PlaceId]: [] };
        else if (space === 'kept') bench.keep(thing!, key.join(':'), null);
        else if (valueIn(household.lots, subject)) lots.set(subject, null);
      }
    },
    household: (): Household => ({
      lots: lots.size > 0 ? withValues(household.lots, lots) : household.lots,
      warmths,
      kept,
    }),
  };
}

/** A bench for telling everything: plain mutable lists, packed at the end. */
export function gathering() {
  const lots = new Map<string, Lot>();
  const warmths: Partial<Record<PlaceId, WarmthStep[]>> = {};
  const kept: Record<string, Record<string, KeptValue>> = {};
  const bench: Bench = {
    lot: (id) => lots.get(id),
    put: (lot) => void lots.set(lot.id, lot),
    pen: writingInPlace(),
    isOpen: () => true,
    warm: (place, step) => void placeIn((warmths[place] ??= []), step),
    keep: (thing, key, value) => {
      const things = (kept[thing] ??= {});
      if (value === null) delete things[key];
      else things[key] = value;
    },
  };
  return { ...bench, household: (): Household => ({ lots: tableOf(lots), warmths, kept }) };
}

/** Puts a step among those of its place, in order of time. */
function placeIn(steps: WarmthStep[], step: WarmthStep): WarmthStep[] {
  const last = steps.at(-1);
  steps.push(step);
  if (last && last.at > step.at) steps.sort((a, b) => a.at - b.at);
  return steps;
}
