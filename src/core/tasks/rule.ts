import type { LotAnswer } from '../forecast/answer/family-answer';
import type { JarRule } from '../forecast/advice/jar-advice';
import { squeezedFor } from '../forecast/question/pilot';
import type { Lot } from '../lots/lot';
import type { LotFinder } from '../lots/pitch';
import { type TaskRule } from './task';
import { hourMs } from '../duration';

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
    then: 'chill',
    lot: rule.kind === 'squeeze' ? (squeezedFor(lot, find) ?? lot) : lot,
    at: at(rule.hour),
    branches: rule.branches.map(({ result, chance, next, hour }) => ({
      result,
      chance,
      next,
      at: at(hour),
    })),
  };
}

/** Under a closed lid a brew becomes a drink in its own jar: it is chilled there, where others are bottled. */
export const isClosedJar = ({ role, closure }: Pick<Lot, 'role' | 'closure'>): boolean =>
  role === 'brew' && closure === 'sealed';

/** The taste that decides when a jar is bottled, strained or chilled. @param start instant of the rule's hour 0, ms */
export const jarRuleOf = (lot: Lot, rule: JarRule, start: number): TaskRule => ({
  kind: rule.kind,
  then: lot.role === 'starter' ? 'strain' : isClosedJar(lot) ? 'chill' : 'bottle',
  lot,
  at: start + rule.hour * hourMs,
  branches: rule.branches.map(({ result, chance, next, hour }) => ({
    result,
    chance,
    next,
    at: start + hour * hourMs,
  })),
});
