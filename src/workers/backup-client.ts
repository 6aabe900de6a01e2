import { wrap } from 'comlink';
import type { Entry } from '../core/journal/entry';
import type { Result } from '../core/result';
import type { BackupWorker } from './backup-worker';

/** Reads a journal file in a worker started for it. */
export async function readBackupAway(text: string): Promise<Result<Entry[]>> {
  const worker = new Worker(new URL('./backup-worker', window.location.href));
  try {
    return (await wrap<BackupWorker>(worker).read(text)) as Result<Entry[]>;
  } finally {
    worker.terminate();
  }
}
