import type { AppState } from './store';

export const selectHousehold = (state: AppState) => state.journal.projection.household;
export const selectStatus = (state: AppState) => state.journal.status;
export const selectUnsaved = (state: AppState) => state.journal.unsaved.length;
export const selectDamaged = (state: AppState) => state.journal.damaged;
export const selectEntries = (state: AppState) => state.journal.entries;
export const selectLook = (state: AppState) => state.look.choice;
