import { z } from 'zod';
import { refusal, success, type Result } from '../result';
import { BatchBegun } from './entries/batch-begun';
import { Bottled } from './entries/bottled';
import { BottlesMoved } from './entries/bottles-moved';
import { Burped } from './entries/burped';
import { Fed } from './entries/fed';
import { GravityRead } from './entries/gravity-read';
import { KitchenWarmed } from './entries/kitchen-warmed';
import { Looked } from './entries/looked';
import { Opened } from './entries/opened';
import { Pitched } from './entries/pitched';
import { Squeezed } from './entries/squeezed';
import { StarterBegun } from './entries/starter-begun';
import { StarterMoved } from './entries/starter-moved';
import { Tasted } from './entries/tasted';
import { Undone } from './entries/undone';

/** Everything a maker does or sees is one of these. */
export const Entry = z.discriminatedUnion('kind', [
  KitchenWarmed, StarterBegun, Fed, Looked, StarterMoved, BatchBegun, Pitched, GravityRead, Tasted, Bottled, Squeezed,
  Burped, BottlesMoved, Opened, Undone,
]); // prettier-ignore
export type Entry = z.infer<typeof Entry>;
export type EntryKind = Entry['kind'];

/** What a maker's act carries before it is stamped with id, instant and offset. */
export type Act = Entry extends infer E
  ? E extends Entry
    ? Omit<E, 'id' | 'at' | 'offset' | 'version'>
    : never
  : never;

/** Version in force of every kind. */
export const entryVersion = 1;

/**
 * Checks one stored or imported entry.
 *
 * @returns the entry; refusal `entry.newer` when a later Yuzet wrote it, `entry.invalid` with the first fault's path
 */
export function parseEntry(raw: unknown): Result<Entry> {
  const version = (raw as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > entryVersion) {
    return refusal('entry.newer', 'It holds entries from a newer Yuzet. Update this one first.');
  }
  const parsed = Entry.safeParse(raw);
  if (parsed.success) return success(parsed.data);
  const fault = parsed.error.issues[0];
  return refusal(
    'entry.invalid',
    `An entry is damaged at “${fault?.path.join('.') ?? ''}”: ${fault?.message ?? 'unreadable'}.`,
  );
}
