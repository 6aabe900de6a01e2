import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Entry } from '../core/journal/entry';
import { carryOn, emptyProjection, type Projection } from '../core/journal/fold';
import { merge } from '../core/journal/order';

/** The journal in memory and its projection, carried on with every entry. */
export interface JournalState {
  readonly status: 'loading' | 'ready' | 'unreadable';
  readonly entries: Entry[];
  readonly projection: Projection;
  /** Ids not yet on disk. They stay in memory, and the maker is told. */
  readonly unsaved: string[];
  readonly damaged: number;
}

const initialState: JournalState = {
  status: 'loading',
  entries: [],
  projection: emptyProjection,
  unsaved: [],
  damaged: 0,
};

const joined = (state: JournalState, entries: readonly Entry[]): JournalState => {
  const { all, added } = merge(state.entries, entries);
  return added.length === 0
    ? state
    : { ...state, entries: all, projection: carryOn(state.projection, added, all) };
};

const slice = createSlice({
  name: 'journal',
  initialState,
  reducers: {
    loaded: (state, { payload }: PayloadAction<{ entries: Entry[]; damaged: number }>) => ({
      ...joined(state as JournalState, payload.entries),
      status: 'ready' as const,
      damaged: payload.damaged,
    }),
    unreadable: (state) => ({ ...(state as JournalState), status: 'unreadable' as const }),
    /** Entries written here, or heard from another tab or a file. */
    added: (state, { payload }: PayloadAction<Entry[]>) => joined(state as JournalState, payload),
    saveFailed: (state, { payload }: PayloadAction<string[]>) => ({
      ...(state as JournalState),
      unsaved: [...new Set([...state.unsaved, ...payload])],
    }),
    saved: (state, { payload }: PayloadAction<string[]>) => ({
      ...(state as JournalState),
      unsaved: state.unsaved.filter((id) => !payload.includes(id)),
    }),
    wiped: () => ({ ...initialState, status: 'ready' as const }),
  },
});

export const { loaded, unreadable, added, saveFailed, saved, wiped } = slice.actions;
export const journalReducer = slice.reducer;
