import type { Recipe } from '../recipe';
import { library } from './registry';

const shortest = ({ method: { days } }: Recipe): number => days[0] + days[1];

/** Recipes that come with Yuzet for a kind of starter, the quickest first: who has never brewed does not wait for weeks. */
export const libraryFor = (cultureId: string): readonly Recipe[] =>
  library.filter(({ culture }) => culture === cultureId).sort((a, b) => shortest(a) - shortest(b));
