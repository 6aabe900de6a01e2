import type { Lot } from '../lots/lot';

/** What can become of a bottle, the best first. */
export const fates = ['good', 'flat', 'gushed', 'given', 'wasted', 'burst', 'closed'] as const;
export type Fate = (typeof fates)[number];

/** What became of one bottle; null for what is no bottle. How it opened tells more than how it ended. */
export function fateOf({ role, opened, ended }: Pick<Lot, 'role' | 'opened' | 'ended'>): Fate | null {
  if (role !== 'bottle') return null;
  if (opened) return opened.how === 'gusher' ? 'gushed' : opened.how === 'still' ? 'flat' : 'good';
  if (!ended) return 'closed';
  switch (ended.how) {
    case 'burst':
    case 'leaked':
      return 'burst';
    case 'given':
      return 'given';
    case 'drunk':
    case 'eaten':
      return 'good';
    default:
      return 'wasted';
  }
}

/** How many bottles came to each end; closed ones have come to none yet. */
export function fatesOf(lots: readonly Pick<Lot, 'role' | 'opened' | 'ended'>[]): Record<Fate, number> {
  const count = { good: 0, flat: 0, gushed: 0, given: 0, wasted: 0, burst: 0, closed: 0 };
  for (const lot of lots) {
    const fate = fateOf(lot);
    if (fate) count[fate] += 1;
  }
  return count;
}
