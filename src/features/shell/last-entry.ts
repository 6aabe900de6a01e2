import type { Entry } from '@/core/journal/entry';
import { allValues } from '@/core/journal/persistent-map';
import type { Journal } from '@/core/journal/journal';

/** The entry written last that can be taken back. */
export const lastEntry = (journal: Journal): Entry | undefined =>
  allValues(journal.effective).reduce<Entry | undefined>(
    (last, entry) => (!last || entry.id > last.id ? entry : last),
    undefined,
  );
