import { everyValue } from '@/core/journal/entry-table';
import { writeBackup } from '@/core/formats/write-backup';
import { clockNow } from '@/store/environment';
import type { JournalState } from '@/store/journal-slice';

/** Hands the journal to the browser as a download, with the records that could not be read. */
export function saveJournalFile({ journal, damaged }: Pick<JournalState, 'journal' | 'damaged'>): void {
  const day = new Date(clockNow()).toISOString();
  const text = writeBackup(
    everyValue(journal.entries),
    day,
    damaged.map((each) => each.text),
  );
  const blob = new Blob([text], { type: 'application/json' });
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `yuzet-journal-${day.slice(0, 10)}.json`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
