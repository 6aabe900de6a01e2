import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Entry } from '../core/journal/entry';
import { admit, append, emptyJournal, type Journal } from '../core/journal/journal';
import type { Damaged } from './disk/journal-disk';

/** The journal in memory, and how it stands on disk. */
export interface JournalState {
  readonly status: 'loading' | 'ready' | 'stuck' | 'unreadable';
  readonly journal: Journal;
  /** Rises with every change of the journal. */
  readonly revision: number;
  /** Ids shown but not yet on disk. */
  readonly keeping: readonly string[];
  /** Ids that could not be written: they stay in memory and in the second copy, and the maker is told. */
  readonly unsaved: readonly string[];
  readonly damaged: readonly Damaged[];
  /** Entries brought back from the second copy at this start. */
  readonly recovered: number;
  /** The entry written last on this page, if the schema refused it. */
  readonly refused: string | null;
}

const initialState: JournalState = {
  status: 'loading', journal: emptyJournal, revision: 0, keeping: [], unsaved: [], damaged: [], recovered: 0, refused: null,
}; // prettier-ignore

/** State as it is: the journal is immutable already, and a draft over it would cost its size. */
const plain = (state: unknown) => state as JournalState;

const without = (ids: readonly string[], gone: readonly string[]) => ids.filter((id) => !gone.includes(id));

const slice = createSlice({
  name: 'journal',
  initialState,
  reducers: {
    opened: (state, { payload }: PayloadAction<{ journal: Journal; damaged: readonly Damaged[]; recovered: number }>) => ({
      ...plain(state), ...payload, status: 'ready' as const, revision: plain(state).revision + 1,
    }),
    stuck: (state) => ({ ...plain(state), status: 'stuck' as const }),
    unreadable: (state) => ({ ...plain(state), status: 'unreadable' as const }),
    /** Entries written here, or heard from another tab. */
    added: (state, { payload }: PayloadAction<{ entries: readonly Entry[]; now: number; keeping: boolean }>) => {
      const before = plain(state);
      const journal = append(before.journal, payload.entries, payload.now);
      const ids = payload.entries.map(({ id }) => id);
      const keeping = payload.keeping ? [...before.keeping, ...ids] : before.keeping;
      return journal === before.journal && keeping === before.keeping ? before : { ...before, journal, keeping, revision: before.revision + 1 };
    },
    /** The journal told anew elsewhere, in pieces. */
    replaced: (state, { payload }: PayloadAction<Journal>) => ({ ...plain(state), journal: payload, revision: plain(state).revision + 1 }),
    saved: (state, { payload }: PayloadAction<readonly string[]>) => {
      const before = plain(state);
      const damaged = before.damaged.filter(({ key }) => !payload.includes(key.slice(key.indexOf(':') + 1)));
      return { ...before, keeping: without(before.keeping, payload), unsaved: without(before.unsaved, payload), damaged };
    },
    saveFailed: (state, { payload }: PayloadAction<readonly string[]>) => {
      const before = plain(state);
      return { ...before, keeping: without(before.keeping, payload), unsaved: [...new Set([...before.unsaved, ...payload])] };
    },
    refused: (state, { payload }: PayloadAction<{ sentence: string; journal: Journal; id: string }>) => {
      const before = plain(state);
      return { ...before, journal: payload.journal, refused: payload.sentence, keeping: without(before.keeping, [payload.id]), revision: before.revision + 1 };
    },
    ticked: (state, { payload }: PayloadAction<number>) => {
      const before = plain(state);
      const journal = admit(before.journal, payload);
      return journal === before.journal ? before : { ...before, journal, revision: before.revision + 1 };
    },
    noticed: (state) => ({ ...plain(state), recovered: 0, refused: null }),
    wiped: (state) => ({ ...initialState, status: 'ready' as const, revision: plain(state).revision + 1 }),
  },
}); // prettier-ignore

export const { opened, stuck, unreadable, added, replaced, saved, saveFailed, refused, ticked, noticed, wiped } = slice.actions;
export const journalReducer = slice.reducer;
