import type { FoldTarget, Fold } from './fold';
import type { Entry, EntryKind } from './entry';
import { amended } from './entries/amended/fold';
import { closed } from './entries/closed/fold';
import { ended } from './entries/ended/fold';
import { kept } from './entries/kept/fold';
import { lotBegun } from './entries/lot-begun/fold';
import { measured } from './entries/measured/fold';
import { moved } from './entries/moved/fold';
import { noted } from './entries/noted/fold';
import { observed } from './entries/observed/fold';
import { opened } from './entries/opened/fold';
import { pictured } from './entries/pictured/fold';
import { portionsAdded } from './entries/portions-added/fold';
import { stepTaken } from './entries/step-taken/fold';
import { stirred } from './entries/stirred/fold';
import { tasted } from './entries/tasted/fold';
import { temperatureSet } from './entries/temperature-set/fold';
import { transferred } from './entries/transferred/fold';
import { undone } from './entries/undone/fold';
import { vented } from './entries/vented/fold';

type Folds = { readonly [K in EntryKind]: Fold<K> };

const folds = {
  'lot-begun': lotBegun,
  'portions-added': portionsAdded,
  transferred,
  stirred,
  vented,
  closed,
  moved,
  observed,
  measured,
  tasted,
  opened,
  ended,
  'temperature-set': temperatureSet,
  'step-taken': stepTaken,
  noted,
  pictured,
  kept,
  amended,
  undone,
} satisfies Folds;

/* eslint-disable no-restricted-syntax -- an entry's kind picks the fold of its kind, which no type can say of a union */
/** What an entry speaks of: lot ids, `place:…`, `kept:…`. */
export const subjectsOf = (entry: Entry): readonly string[] =>
  (folds[entry.kind] as Fold<EntryKind>).subjects(entry as never);

/** Applies one entry to a target. */
export const applyEntry = (target: FoldTarget, entry: Entry): void =>
  (folds[entry.kind] as Fold<EntryKind>).fold(target, entry as never);
