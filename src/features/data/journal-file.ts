import type { Entry } from '@/core/journal/entry';
import { readBackup, writeBackup } from '@/core/formats/backup';
import type { Result } from '@/core/result';
import { keeper } from '@/store/app-instance';
import { clockNow } from '@/store/environment';

/** Hands the journal to the browser as a download. */
export function saveJournalFile(entries: readonly Entry[]): void {
  const day = new Date(clockNow()).toISOString();
  const blob = new Blob([writeBackup(entries, day)], { type: 'application/json' });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `yuzet-journal-${day.slice(0, 10)}.json`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Reads a chosen file and takes its entries in, whole or not at all. @returns how many were new, and how many it held */
export async function takeJournalFile(file: Blob): Promise<Result<{ fresh: number; held: number }>> {
  const read = readBackup(file.size > 25_000_000 ? ' '.repeat(20_000_001) : await file.text());
  if (!read.ok) return read;
  const fresh = await keeper.takeIn(read.value);
  return { ok: true, value: { fresh, held: read.value.length } };
}
