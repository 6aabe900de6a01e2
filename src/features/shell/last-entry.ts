import type { Entry } from '@/core/journal/entry';
import { everyValue } from '@/core/journal/entry-table';
import type { Journal } from '@/core/journal/journal';

/** The entry written last that can be taken back. */
export const lastEntry = (journal: Journal): Entry | undefined =>
  everyValue(journal.standing).reduce<Entry | undefined>(
    (last, entry) => (!last || entry.id > last.id ? entry : last),
    undefined,
  );
