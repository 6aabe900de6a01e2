import type { LotAnswer } from '@/core/forecast/family-answer';
import type { Lot } from '@/core/lots/lot';
import { watchOf, type Watch } from '@/core/tasks/pressure-watch';

/** A closed bottle as the rack shows it. */
export interface Shelved {
  readonly lot: Lot;
  readonly watch: Watch | null;
  /** When its window closes: to be chilled by, to be opened by. Infinity while nobody knows. */
  readonly closesAt: number;
}

export type RackOrder = 'limit' | 'closing';

const hourMs = 3_600_000;

/** Closed bottles, the one nearest its limit first, or the one whose window closes first. */
export function shelve(
  living: readonly Lot[],
  lotAnswer: (lotId: string) => LotAnswer | null,
  now: number,
  order: RackOrder,
): Shelved[] {
  const shelved = living
    .filter(({ role }) => role === 'bottle')
    .map((lot): Shelved => {
      const answer = lotAnswer(lot.id);
      const closes = lot.place === 'fridge' ? answer?.keeping?.openBy : answer?.chill?.latest;
      return {
        lot,
        watch: answer && watchOf(answer, now),
        closesAt: answer && closes !== undefined ? answer.start + closes * hourMs : Infinity,
      };
    });
  const by = (a: Shelved, b: Shelved) =>
    order === 'closing' && a.closesAt !== b.closesAt
      ? a.closesAt - b.closesAt
      : (b.watch?.edge ?? 0) - (a.watch?.edge ?? 0);
  return shelved.sort((a, b) => by(a, b) || (a.lot.id < b.lot.id ? -1 : 1));
}
