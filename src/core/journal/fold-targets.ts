import type { PlaceId, WarmthStep } from '../kitchen/places';
import type { Lot } from '../lots/lot';
import { copyOnWrite, inPlaceWriter, type LotWriter } from '../lots/lot-store';
import { withoutSetting, withSetting, type Settings } from '../settings/settings';
import type { FoldTarget } from './fold';
import { mapOf, valueIn, withValues } from './persistent-map';
import type { Household } from './household';

/** A target over a household: writes are gathered and packed into a new household at the end. */
export function targetOver(
  household: Household,
  isOpen: (id: string) => boolean,
  writer: LotWriter = copyOnWrite,
) {
  const lots = new Map<string, Lot | null>();
  let { warmths, settings } = household;
  const target: FoldTarget = {
    lot: (id) => (lots.has(id) ? (lots.get(id) ?? undefined) : valueIn(household.lots, id)),
    put: (lot) => void lots.set(lot.id, lot),
    writer,
    isOpen,
    warm: (place, step) => {
      warmths = { ...warmths, [place]: placeIn([...(warmths[place] ?? [])], step) };
    },
    set: (setting) => {
      settings = withSetting(settings, setting);
    },
  };
  return {
    ...target,
    /** Forgets what is known of subjects, before they are rebuilt. */
    clear: (subjects: Iterable<string>) => {
      for (const subject of subjects) {
        const [space, thing, ...key] = subject.split(':');
        if (space === 'place') warmths = { ...warmths, [thing as PlaceId]: [] };
        else if (space === 'kept') settings = withoutSetting(settings, thing!, key.join(':'));
        else if (valueIn(household.lots, subject)) lots.set(subject, null);
      }
    },
    household: (): Household => ({
      lots: lots.size > 0 ? withValues(household.lots, lots) : household.lots,
      warmths,
      settings,
    }),
  };
}

/** A target for a whole journal: plain mutable lists, packed at the end. */
export function emptyTarget() {
  const lots = new Map<string, Lot>();
  const warmths: Partial<Record<PlaceId, WarmthStep[]>> = {};
  let settings: Settings = {};
  const target: FoldTarget = {
    lot: (id) => lots.get(id),
    put: (lot) => void lots.set(lot.id, lot),
    writer: inPlaceWriter(),
    isOpen: () => true,
    warm: (place, step) => void placeIn((warmths[place] ??= []), step),
    set: (setting) => {
      settings = withSetting(settings, setting);
    },
  };
  return { ...target, household: (): Household => ({ lots: mapOf(lots), warmths, settings }) };
}

/** Puts a step among those of its place, in order of time. */
function placeIn(steps: WarmthStep[], step: WarmthStep): WarmthStep[] {
  const last = steps.at(-1);
  steps.push(step);
  if (last && last.at > step.at) steps.sort((a, b) => a.at - b.at);
  return steps;
}
