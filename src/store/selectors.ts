import { createSelector } from '@reduxjs/toolkit';
import type { Household } from '@/core/journal/household';
import { celsiusAt, type PlaceId } from '@/core/kitchen/places';
import { spellsOf } from '@/core/settings/spell';
import { withSpells } from '@/core/settings/with-spells';
import type { AppState } from './store';

export const selectJournal = (state: AppState) => state.journal.journal;
/** The household as the journal tells it, with the spells of heat and cold that were entered ahead. */
export const selectHousehold = createSelector(
  (state: AppState) => state.journal.journal.household,
  (household): Household => {
    const spells = spellsOf(household);
    if (spells.length === 0) return household;
    const { warmths } = household;
    const before = (place: PlaceId, at: number) => celsiusAt(warmths, place, at);
    return { ...household, warmths: withSpells(warmths, spells, before) };
  },
);
export const selectStatus = (state: AppState) => state.journal.status;
export const selectRevision = (state: AppState) => state.journal.revision;
export const selectKeeping = (state: AppState) => state.journal.keeping;
export const selectUnsaved = (state: AppState) => state.journal.unsaved;
export const selectDamaged = (state: AppState) => state.journal.damaged;
export const selectRecovered = (state: AppState) => state.journal.recovered;
export const selectSetAside = (state: AppState) => state.journal.setAside;
export const selectClockSaid = (state: AppState) => state.journal.clockSaid;
export const selectWrittenBack = (state: AppState) => state.journal.writtenBack;
export const selectRefused = (state: AppState) => state.journal.refused;
export const selectAhead = (state: AppState) => state.journal.journal.ahead;
export const selectLook = (state: AppState) => state.look.choice;
