import type { Entry } from '@/core/journal/entry';
import { writeBackup } from '@/core/formats/write-backup';
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
