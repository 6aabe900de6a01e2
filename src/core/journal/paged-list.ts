/** A long list in pages: one more at its end copies the last page only, so that a jar fed for years costs no more than a new one. */
export type PagedList<T> = readonly (readonly T[])[];

const pageLength = 128;

/** The list with one more at its end. */
export function appended<T>(list: PagedList<T>, item: T): PagedList<T> {
  const last = list.at(-1);
  return last && last.length < pageLength ? [...list.slice(0, -1), last.concat([item])] : [...list, [item]];
}

/** A paged list of many at once. */
export function pagedListOf<T>(items: readonly T[]): PagedList<T> {
  const pages: T[][] = [];
  for (let from = 0; from < items.length; from += pageLength)
    pages.push(items.slice(from, from + pageLength));
  return pages;
}

/** The last of all; undefined when empty. */
export const lastOf = <T>(list: PagedList<T>): T | undefined => list.at(-1)?.at(-1);
