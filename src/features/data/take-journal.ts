import { largestBackup } from '@/core/formats/largest-backup';
import { refusal, success, type Result } from '@/core/result';
import type { JournalKeeper } from '@/store/journal-keeper';
import { readBackupAway } from '@/workers/backup-client';

export interface Taken {
  readonly held: number;
  readonly fresh: number;
  readonly kept: boolean;
}

/** Reads a journal file away from the page and takes in what is new, or says why not. */
export async function takeJournalFile(
  keeper: JournalKeeper,
  file: File,
  signal: AbortSignal,
): Promise<Result<Taken>> {
  if (file.size > largestBackup) return refusal('backup.too-large');
  const read = await readBackupAway(await file.text(), signal);
  if (!read.ok) return read;
  const taken = await keeper.takeIn(read.value);
  return taken.ok ? success({ held: read.value.length, ...taken.value }) : taken;
}
