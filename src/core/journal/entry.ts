import { z } from 'zod';
import type { ReadOnly } from '../read-only';
import { refusal, success, type Result } from '../result';
import { Amended } from './entries/amended/schema';
import { Closed } from './entries/closed/schema';
import { Ended } from './entries/ended/schema';
import { keptFrom2 } from './entries/kept/from-2';
import { Kept, keptVersion } from './entries/kept/schema';
import { LotBegun } from './entries/lot-begun/schema';
import { Measured } from './entries/measured/schema';
import { Moved } from './entries/moved/schema';
import { Noted } from './entries/noted/schema';
import { Observed } from './entries/observed/schema';
import { Opened } from './entries/opened/schema';
import { Pictured } from './entries/pictured/schema';
import { PortionsAdded } from './entries/portions-added/schema';
import { StepTaken } from './entries/step-taken/schema';
import { Stirred } from './entries/stirred/schema';
import { Tasted } from './entries/tasted/schema';
import { TemperatureSet } from './entries/temperature-set/schema';
import { Transferred } from './entries/transferred/schema';
import { Undone } from './entries/undone/schema';
import { Vented } from './entries/vented/schema';

/** Everything a maker does or sees is one of these. */
export const Entry = z.discriminatedUnion('kind', [
  LotBegun,
  PortionsAdded,
  Transferred,
  Stirred,
  Vented,
  Closed,
  Moved,
  Observed,
  Measured,
  Tasted,
  Opened,
  Ended,
  TemperatureSet,
  StepTaken,
  Noted,
  Pictured,
  Kept,
  Amended,
  Undone,
]);
export type Entry = z.infer<typeof Entry>;
export type EntryKind = Entry['kind'];
/** Every kind of entry. */
export const entryKinds: readonly EntryKind[] = Entry.options.flatMap((option) =>
  'shape' in option ? [option.shape.kind.value] : ['kept'],
);
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;

/** What a maker's act carries before it is stamped with id, instant, offset and version. */
export type Act = Entry extends infer E
  ? E extends Entry
    ? ReadOnly<Omit<E, 'id' | 'at' | 'offset' | 'version'>>
    : never
  : never;

export type ActOf<K extends EntryKind> = Extract<Act, { kind: K }>;

/** Version in force of a kind. */
export const versionOf = (kind: unknown): Entry['version'] => (kind === 'kept' ? keptVersion : 2);

/**
 * Checks one entry: from a form, a file or a store, by the same schema. One of version 2 is read as the version in force.
 *
 * @returns the entry; refusal `entry.newer` when a later Yuzet wrote it, `entry.invalid` with the first fault's path
 */
export function parseEntry(raw: unknown): Result<Entry> {
  const { kind, version } = (raw ?? {}) as { readonly kind?: unknown; readonly version?: unknown };
  if (typeof version === 'number' && version > versionOf(kind)) {
    return refusal('entry.newer');
  }
  const parsed = Entry.safeParse(kind === 'kept' && version === 2 ? keptFrom2(raw) : raw);
  if (parsed.success) return success(parsed.data);
  return damaged(parsed.error.issues[0]);
}

/** An entry that is no entry: where its first fault is, and what is wrong there. */
export const damaged = (fault: { readonly path: PropertyKey[]; readonly message: string } | undefined) =>
  refusal('entry.invalid', {
    path: fault?.path.join('.') ?? '',
    why: (fault?.message ?? 'unreadable').replace(/\.$/, ''),
  });
