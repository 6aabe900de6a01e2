import type { Journal } from '@/core/journal/journal';
import { everyValue } from '@/core/journal/entry-table';

/** Notes that were written with a bottle's opening and its sips. */
export const entriesAbout = (journal: Journal, lotId: string): string[] =>
  everyValue(journal.standing).flatMap((entry) =>
    (entry.kind === 'opened' || entry.kind === 'tasted') && entry.lotId === lotId && entry.note
      ? [entry.note]
      : [],
  );
