import type { Journal } from '@/core/journal/journal';
import { allValues } from '@/core/journal/persistent-map';

/** Notes that were written with a bottle's opening and its sips. */
export const entriesAbout = (journal: Journal, lotId: string): string[] =>
  allValues(journal.effective).flatMap((entry) =>
    (entry.kind === 'opened' || entry.kind === 'tasted') && entry.lotId === lotId && entry.note
      ? [entry.note]
      : [],
  );
