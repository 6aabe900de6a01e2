import type { Choice, Household } from './problem';
import { hourMs } from '../duration';

export interface Schedule {
  /** One a wish that is met; a wish without one does not fit. */
  readonly choices: readonly Choice[];
  /** Sum of their worths. */
  readonly worth: number;
  /** No schedule is worth more than this. */
  readonly bound: number;
  /** Whether nothing better is left untried. */
  readonly proved: boolean;
}

const overlaps = (a: readonly [number, number], b: readonly [number, number]): boolean =>
  a[0] < b[1] && b[0] < a[1];

/** Whether so much of something is never taken twice over: at each beginning, all that overlaps it. */
function fits(
  spans: readonly { readonly span: readonly [number, number]; readonly amount: number }[],
  there: number,
): boolean {
  return spans.every(
    ({ span: [from] }) =>
      spans.reduce((sum, { span, amount }) => (span[0] <= from && from < span[1] ? sum + amount : sum), 0) <=
      there,
  );
}

/** Whether two draws from one starter lie far enough apart. */
function drawsApart(a: Choice, b: Choice): boolean {
  const [one, other] = [a.way.drawsFrom, b.way.drawsFrom];
  if (!one || !other || one.lotId !== other.lotId) return true;
  return Math.abs(a.pitchAt - b.pitchAt) >= Math.max(one.againAfterHours, other.againAfterHours) * hourMs;
}

/** One pair of hands: two brew days do not lie in the same hours. */
const daysApart = (a: Choice, b: Choice, hours: number): boolean =>
  !overlaps([a.pitchAt, a.pitchAt + hours * hourMs], [b.pitchAt, b.pitchAt + hours * hourMs]);

type Room = Pick<Household, 'jars' | 'bottles' | 'fridge' | 'cold'>;

/** Whether choices can be done together: jars, bottles, fridge, starters and hands are enough for all. */
export function fitTogether(
  choices: readonly Choice[],
  { jars, bottles, fridge, cold }: Room,
  brewDayHours: number,
): boolean {
  for (let i = 1; i < choices.length; i++)
    for (let k = 0; k < i; k++)
      if (!drawsApart(choices[i]!, choices[k]!) || !daysApart(choices[i]!, choices[k]!, brewDayHours))
        return false;
  return (
    fits(
      choices.map(({ jar }) => ({ span: jar, amount: 1 })),
      jars,
    ) &&
    fits(
      choices.map(({ filled, bottles: amount }) => ({ span: filled, amount })),
      bottles,
    ) &&
    fits(
      [
        ...choices.map(({ chilled, bottles: amount }) => ({ span: chilled, amount })),
        // What stands there already is no choice: where it alone is too much, nothing more is asked of it.
        { span: cold.span, amount: Math.min(cold.bottles, fridge) },
      ],
      fridge,
    )
  );
}

/** Nodes that are tried at most before the best so far is taken. */
const mostNodes = 200_000;

/**
 * The choices that are worth most together: branch and bound over the wishes, the hardest first, each with its choices from the best
 * on or left out; a branch is left when even the best of what remains could not beat what was found.
 *
 * @param options of each wish, the best first
 * @returns proved optimal unless it ran out of nodes; `bound` is then what it cannot beat
 * @source A. H. Land and A. G. Doig, Econometrica 28 (1960) 497–520
 */
export function schedule(
  options: readonly (readonly Choice[])[],
  household: Room,
  brewDayHours: number,
  nodes = mostNodes,
): Schedule {
  const order = options
    .filter(({ length }) => length > 0)
    .sort((a, b) => a.length - b.length || b[0]!.worth - a[0]!.worth);
  const after = order.map((_, i) => order.slice(i).reduce((sum, [best]) => sum + best!.worth, 0));
  let best: readonly Choice[] = [];
  let bestWorth = 0;
  let left = nodes;
  const branch = (index: number, taken: readonly Choice[], worth: number): void => {
    if (worth > bestWorth + 1e-12) [best, bestWorth] = [taken, worth];
    if (index >= order.length || worth + after[index]! <= bestWorth + 1e-12) return;
    const rest = after[index + 1] ?? 0;
    for (const choice of order[index]!) {
      if (worth + choice.worth + rest <= bestWorth + 1e-12) break;
      if (left-- <= 0) return;
      const together = [...taken, choice];
      if (fitTogether(together, household, brewDayHours)) branch(index + 1, together, worth + choice.worth);
    }
    branch(index + 1, taken, worth);
  };
  branch(0, [], 0);
  const proved = left > 0;
  return { choices: best, worth: bestWorth, bound: proved ? bestWorth : (after[0] ?? 0), proved };
}
