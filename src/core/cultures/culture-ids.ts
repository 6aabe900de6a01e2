import { cultures, publishedCultures } from './registry';

/** Living things an entry may name: every kind, every published one, and none at all. */
export const cultureIds = [...new Set([...publishedCultures, 'none', ...cultures.map(({ id }) => id)])] as [
  string,
  ...string[],
];
