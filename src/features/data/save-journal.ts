import { allValues } from '@/core/journal/persistent-map';
import { writeBackup } from '@/core/formats/write-backup';
import { clockNow } from '@/store/environment';
import type { JournalState } from '@/store/journal-slice';
import { saveTextFile } from '@/ui/files/save-file';

/** Hands the journal to the browser as a download, with the records that could not be read. */
export function saveJournalFile({ journal, damaged }: Pick<JournalState, 'journal' | 'damaged'>): void {
  const day = new Date(clockNow()).toISOString();
  const text = writeBackup(
    allValues(journal.entries),
    day,
    damaged.map((each) => each.text),
  );
  saveTextFile(text, 'application/json', `yuzet-journal-${day.slice(0, 10)}.json`);
}
