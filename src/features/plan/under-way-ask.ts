import { rootOf } from '@/core/forecast/question/family-members';
import { isUnderPressure } from '@/core/forecast/question/lot-ask';
import { isSoft } from '@/core/forecast/question/pilot';
import { infusingOf } from '@/core/brew/infusing';
import { everyLot, lotOf, type Household } from '@/core/journal/household';
import { isLiving, lastAt } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import type { UnderWayAsk } from '@/core/plan/under-way';
import { coldHours } from '@/core/plan/way-through';
import { wishesOf, type Wish } from '@/core/settings/wish';
import { brewOf } from '@/core/plan/wished';
import { hourMs } from '@/core/duration';
import type { Forecasts } from '../forecasting/forecasts';
import { familyOf } from '../forecasting/questions';

/** A wish whose brew is made, and the brew. */
export interface Made {
  readonly wish: Wish;
  readonly brew: Lot;
}

/** Wishes whose brew is made and whose time has not gone by. */
export const madeFor = (household: Household, now: number): Made[] =>
  wishesOf(household).flatMap((wish) => {
    const brew = wish.by > now && !wish.standing ? brewOf(wish, household) : null;
    return brew ? [{ wish, brew }] : [];
  });

const closedBottles = (brew: Lot, household: Household): Lot[] =>
  everyLot(household).filter(
    (lot) =>
      isLiving(lot) &&
      isUnderPressure(lot) &&
      lot.role === 'bottle' &&
      rootOf(lot, (id) => lotOf(household, id)).id === brew.id,
  );

/** When all bottles of a brew have stood in the cold for as long as their gas takes to dissolve, ms; null while one stands warm, or none is filled. */
export function coldFrom(brew: Lot, household: Household): number | null {
  const bottles = closedBottles(brew, household);
  if (bottles.length === 0 || bottles.some(({ place }) => place !== 'fridge')) return null;
  const chilled = bottles.map((lot) => lastAt(lot, ({ kind }) => kind === 'moved'));
  return Math.max(...chilled) + coldHours * hourMs;
}

/** The bottle that speaks for its batch, glass before soft; or the jar while it ferments warm. */
function speaksFor(brew: Lot, household: Household): Lot | null {
  const bottles = closedBottles(brew, household).filter(({ place }) => place !== 'fridge');
  const bottle = bottles.find((lot) => !isSoft(lot)) ?? bottles[0];
  if (bottle) return bottle;
  const ferments = isLiving(brew) && brew.place !== 'fridge' && infusingOf(brew)?.stage !== 'steeping';
  return ferments ? brew : null;
}

/** What is asked of a wish whose brew is under way; null where nothing is to be asked: not pitched, all in the cold, or over. */
export function underWayAsk(
  { wish, brew }: Made,
  household: Household,
  { learnedFor }: Pick<Forecasts, 'learnedFor'>,
  now: number,
): UnderWayAsk | null {
  const lot = speaksFor(brew, household);
  const question =
    lot &&
    familyOf(
      rootOf(brew, (id) => lotOf(household, id)),
      household,
      now,
      learnedFor,
    );
  if (!lot || question?.kind !== 'family') return null;
  const { bottleAt = null, chillAt = null } = wish.taken ?? {};
  return {
    wishId: wish.key,
    by: wish.by,
    question: question.asked,
    lotId: lot.id,
    held: { bottleAt, chillAt },
  };
}
