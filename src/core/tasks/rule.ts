import type { LotAnswer } from '../forecast/family-answer';
import { squeezedFor } from '../forecast/pilot';
import type { Lot } from '../lots/lot';
import type { LotFinder } from '../lots/pitch';
import { hourMs, type TaskRule } from './task';

/**
 * The look that decides when a warm bottle is chilled, said of what is felt for it and in instants.
 *
 * @returns null where no look is worth its trouble
 */
export function ruleOf(
  lot: Lot,
  { start, advice }: Pick<LotAnswer, 'start' | 'advice'>,
  find: LotFinder,
): TaskRule | null {
  const rule = advice?.rule;
  if (!rule) return null;
  const at = (hour: number) => start + hour * hourMs;
  return {
    kind: rule.kind,
    lot: rule.kind === 'squeeze' ? (squeezedFor(lot, find) ?? lot) : lot,
    at: at(rule.hour),
    branches: rule.branches.map(({ result, chance, next, hour }) => ({
      result,
      chance,
      next: next === 'act' ? 'chill' : 'look',
      at: at(hour),
    })),
  };
}
