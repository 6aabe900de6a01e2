import type { AppState } from './store';

export const selectJournal = (state: AppState) => state.journal.journal;
export const selectHousehold = (state: AppState) => state.journal.journal.household;
export const selectStatus = (state: AppState) => state.journal.status;
export const selectRevision = (state: AppState) => state.journal.revision;
export const selectKeeping = (state: AppState) => state.journal.keeping;
export const selectUnsaved = (state: AppState) => state.journal.unsaved;
export const selectDamaged = (state: AppState) => state.journal.damaged;
export const selectRecovered = (state: AppState) => state.journal.recovered;
export const selectRefused = (state: AppState) => state.journal.refused;
export const selectAhead = (state: AppState) => state.journal.journal.ahead;
export const selectLook = (state: AppState) => state.look.choice;
