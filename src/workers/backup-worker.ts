import './without-eval';
import { expose } from 'comlink';
import { readBackup } from '../core/formats/read-backup';

/** Reads a journal file away from the page: a long one takes seconds. */
const api = { read: (text: string) => readBackup(text) };

export type BackupWorker = typeof api;

expose(api);
