import { knownCultures, type CultureTable } from '../cultures/registry';
import type { StarterAnswer } from '../forecast/starter/starter-answer';
import { everyLot, type Household } from '../journal/household';
import type { Lot } from '../lots/lot';
import { hourMs } from '../duration';

/** How much is brewed the first time, ml. */
export const firstBrewMl = 1500;

interface FirstBrewAsk {
  readonly household: Household;
  readonly living: readonly Lot[];
  readonly starterAnswer: (lotId: string) => StarterAnswer | null;
  /** Instant, ms. */
  readonly now: number;
  readonly cultures?: CultureTable;
}

/**
 * What a household that never brewed could brew its first soda from now: a packet at any time, a jar while it may be drawn from.
 * Grains are strained instead, which is a task of its own.
 *
 * @returns the starter that was begun first; null where something was brewed before or is planned, or nothing is ready
 */
export function firstBrewFrom({
  household,
  living,
  starterAnswer,
  now,
  cultures = knownCultures,
}: FirstBrewAsk): Lot | null {
  if (household.settings.wish || everyLot(household).some(({ role }) => role === 'brew')) return null;
  const isReady = (lot: Lot): boolean => {
    const culture = lot.role === 'starter' ? cultures(lot.culture) : undefined;
    if (!culture || culture.liquidKind) return false;
    if (culture.packet) return true;
    const answer = starterAnswer(lot.id);
    if (!answer?.draw) return false;
    const hour = (now - answer.start) / hourMs;
    return answer.draw.earliest <= hour && hour < answer.draw.latest;
  };
  return living.filter(isReady).sort((a, b) => a.begunAt - b.begunAt)[0] ?? null;
}
