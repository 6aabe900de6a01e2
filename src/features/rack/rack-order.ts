import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { bestUntil } from '@/core/tasks/sources/opening';
import type { Errands } from '@/core/tasks/sources/pressure';
import type { TaskRule } from '@/core/tasks/task';
import { watchOf, type Watch } from '@/core/tasks/pressure-watch';
import { hourMs } from '@/core/duration';

/** A closed bottle as the rack shows it. */
export interface Shelved {
  readonly lot: Lot;
  readonly watch: Watch | null;
  /** When its window closes: to be chilled by, to be opened by. Infinity while nobody knows. */
  readonly closesAt: number;
  /** The look that decides when it is chilled. */
  readonly rule: TaskRule | null;
}

export type RackOrder = 'limit' | 'closing';

/** Bottles filled in one go by their number, 2 before 10. */
const inTurn = new Intl.Collator('en', { numeric: true });
/** Bottles in the order they were filled. */
export const asFilled = (a: Lot, b: Lot): number => inTurn.compare(a.id, b.id);
/** How near a bottle is to its limit, in hundredths: those alike stand in the order they were filled, at every start. */
const nearness = ({ watch }: Shelved): number => Math.round(100 * (watch?.edge ?? 0));

function closesAt(lot: Lot, answer: LotAnswer | null, now: number, errands: Errands): number {
  const errand = errands.get(lot.id);
  if (errand) return errand.until;
  if (!answer) return Infinity;
  if (lot.place === 'fridge') return bestUntil(lot, answer, now);
  return answer.chill ? answer.start + answer.chill.latest * hourMs : Infinity;
}

/** Closed bottles, the one nearest its limit first, or the one whose window closes first. */
export function shelve(
  living: readonly Lot[],
  lotAnswer: (lotId: string) => LotAnswer | null,
  now: number,
  order: RackOrder,
  errands: Errands = new Map(),
): Shelved[] {
  const shelved = living
    .filter(({ role }) => role === 'bottle')
    .map((lot): Shelved => {
      const answer = lotAnswer(lot.id);
      return {
        lot,
        watch: answer && watchOf(answer, now),
        closesAt: closesAt(lot, answer, now, errands),
        rule: errands.get(lot.id)?.rule ?? null,
      };
    });
  const by = (a: Shelved, b: Shelved) =>
    order === 'closing' && a.closesAt !== b.closesAt ? a.closesAt - b.closesAt : nearness(b) - nearness(a);
  return shelved.sort((a, b) => by(a, b) || asFilled(a.lot, b.lot));
}
