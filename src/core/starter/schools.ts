import type { Lot } from '../lots/lot';

/** Where makers disagree on care, and the ways there are; the first is what is taken when nothing was chosen. */
export const schools = {
  feeds: ['dry', 'water'],
  minerals: ['minerals', 'white'],
  metal: ['none', 'brief'],
  skin: ['unpeeled', 'peeled'],
  medium: ['sugar-water', 'juice'],
  additions: ['plain', 'lemon-ginger'],
} as const;

export type SchoolId = keyof typeof schools;
export type SchoolWay<S extends SchoolId = SchoolId> = (typeof schools)[S][number];

/** The way chosen for a jar in a school. @example schoolOf({ schools: { feeds: 'water' } }, 'feeds') // 'water' */
export function schoolOf<S extends SchoolId>(
  { schools: chosen }: Pick<Lot, 'schools'>,
  school: S,
): SchoolWay<S> {
  const ways: readonly string[] = schools[school];
  const way = chosen?.[school];
  return (way !== undefined && ways.includes(way) ? way : ways[0]) as SchoolWay<S>;
}
