import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Entry } from '../core/journal/entry';
import type { Refusal } from '../core/refusals';
import { allValues } from '../core/journal/persistent-map';
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
  /** Lines of the second copy that could not be read at this start, and were laid aside. */
  readonly setAside: number;
  /** Entries written back since the browser had emptied its storage under the open page. */
  readonly writtenBack: number;
  /** What the device's clock said, when it seems to be behind. */
  readonly clockSaid: number | null;
  /** Why the last act on this page was no entry, if it was none. */
  readonly refused: Refusal | null;
}

const initialState: JournalState = {
  status: 'loading',
  journal: emptyJournal,
  revision: 0,
  keeping: [],
  unsaved: [],
  damaged: [],
  recovered: 0,
  setAside: 0,
  writtenBack: 0,
  clockSaid: null,
  refused: null,
};

export const opened = createAction<{
  journal: Journal;
  damaged: readonly Damaged[];
  recovered: number;
  setAside: number;
  clockSaid?: number | null;
  now: number;
}>('journal/opened');
export const stuck = createAction('journal/stuck');
export const unreadable = createAction('journal/unreadable');
/** Entries written here, or heard from another tab. */
export const added = createAction<{ entries: readonly Entry[]; now: number; keeping: boolean }>(
  'journal/added',
);
/** The journal as it was rebuilt elsewhere, in steps. */
export const replaced = createAction<{ journal: Journal; now: number }>('journal/replaced');
/** The disk was found empty, and so many entries were written back. */
export const emptied = createAction<number>('journal/emptied');
export const saved = createAction<readonly string[]>('journal/saved');
export const saveFailed = createAction<readonly string[]>('journal/saveFailed');
export const refused = createAction<Refusal>('journal/refused');
export const ticked = createAction<number>('journal/ticked');
export const noticed = createAction('journal/noticed');
export const wiped = createAction('journal/wiped');

const without = (ids: readonly string[], gone: readonly string[]) => ids.filter((id) => !gone.includes(id));

const told = (state: JournalState, journal: Journal): JournalState =>
  journal === state.journal ? state : { ...state, journal, revision: state.revision + 1 };

/** A journal told in pieces, with what was written while it was told. */
const withMeanwhile = (journal: Journal, shown: Journal, now: number): Journal =>
  append(journal, allValues(shown.entries), now);

/** A plain reducer: the journal is immutable already, and a draft over it would cost its size with every tap. */
export function journalReducer(state: JournalState = initialState, action: UnknownAction): JournalState {
  if (opened.match(action)) {
    const { journal, now, ...rest } = action.payload;
    return { ...told(state, withMeanwhile(journal, state.journal, now)), ...rest, status: 'ready' };
  }
  if (stuck.match(action)) return { ...state, status: 'stuck' };
  if (unreadable.match(action)) return { ...state, status: 'unreadable' };
  if (added.match(action)) {
    const { entries, now, keeping } = action.payload;
    const next = told(state, append(state.journal, entries, now));
    return keeping ? { ...next, keeping: [...next.keeping, ...entries.map(({ id }) => id)] } : next;
  }
  if (replaced.match(action)) {
    const { journal, now } = action.payload;
    return told(state, withMeanwhile(journal, state.journal, now));
  }
  if (ticked.match(action)) return told(state, admit(state.journal, action.payload));
  if (noticed.match(action))
    return { ...state, recovered: 0, setAside: 0, writtenBack: 0, clockSaid: null, refused: null };
  if (wiped.match(action)) return { ...initialState, status: 'ready', revision: state.revision + 1 };
  return onDisk(state, action);
}

/** What became of writing: kept, not kept, or refused. */
function onDisk(state: JournalState, action: UnknownAction): JournalState {
  if (saved.match(action)) {
    const ids = action.payload;
    const damaged = state.damaged.filter(({ key }) => !ids.includes(key.slice(key.indexOf(':') + 1)));
    return { ...state, keeping: without(state.keeping, ids), unsaved: without(state.unsaved, ids), damaged };
  }
  if (saveFailed.match(action)) {
    const unsaved = [...new Set([...state.unsaved, ...action.payload])];
    return { ...state, keeping: without(state.keeping, action.payload), unsaved };
  }
  if (refused.match(action)) return { ...state, refused: action.payload };
  if (emptied.match(action)) return { ...state, writtenBack: action.payload };
  return state;
}
