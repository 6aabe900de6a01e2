import { wrap } from 'comlink';
import type { Entry } from '../core/journal/entry';
import { refusal, type Result } from '../core/result';
import type { BackupWorker } from './backup-worker';

const cancelled = refusal('backup.cancelled');

/**
 * Reads a journal file in a worker started for it.
 *
 * @param signal ends the worker; refusal `backup.cancelled` then
 */
export async function readBackupAway(text: string, signal: AbortSignal): Promise<Result<Entry[]>> {
  const worker = new Worker(new URL('./backup-worker', window.location.href));
  try {
    const stopped = new Promise<Result<Entry[]>>((stop) => {
      if (signal.aborted) stop(cancelled);
      signal.addEventListener('abort', () => stop(cancelled), { once: true });
    });
    return await Promise.race([wrap<BackupWorker>(worker).read(text) as Promise<Result<Entry[]>>, stopped]);
  } finally {
    worker.terminate();
  }
}
