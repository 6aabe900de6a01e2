/** A long list in pages: one more at its end copies the last page only, so that a jar fed for years costs no more than a new one. */
export type Strand<T> = readonly (readonly T[])[];

const pageLength = 128;

/** The list with one more at its end. */
export function extended<T>(strand: Strand<T>, item: T): Strand<T> {
  const last = strand.at(-1);
  return last && last.length < pageLength
    ? [...strand.slice(0, -1), last.concat([item])]
    : [...strand, [item]];
}

/** A strand of many at once. */
export function strandOf<T>(items: readonly T[]): Strand<T> {
  const pages: T[][] = [];
  for (let from = 0; from < items.length; from += pageLength)
    pages.push(items.slice(from, from + pageLength));
  return pages;
}

/** The last of all; undefined when empty. */
export const lastOf = <T>(strand: Strand<T>): T | undefined => strand.at(-1)?.at(-1);
