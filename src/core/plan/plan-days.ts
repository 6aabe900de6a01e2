import { onClock } from '../calendar';
import type { Outline, StepKind } from './outline';
import type { Preparing } from './preparation';
import { dayMs } from '../duration';

/** A plan with what is done before it. */
export interface DatedPlan {
  readonly wishId: string;
  readonly outline: Pick<Outline, 'steps'>;
  readonly prepared: readonly Preparing[];
}

/** Something that is done on a day, or from that day on. */
export interface DayItem {
  readonly wishId: string;
  readonly kind: StepKind | Preparing['kind'];
  readonly from: number;
  readonly until: number;
}

export interface PlanDay {
  /** Its midnight, ms. */
  readonly day: number;
  readonly items: readonly DayItem[];
}

/** A taste goes with its bottling, and a look with its chilling: they are not told by themselves. */
const told = ({ kind }: DayItem): boolean => kind !== 'taste' && kind !== 'look';

/**
 * All plans on the days of a calendar, from today on: each thing on the day on which its window opens, what is bought on its last.
 *
 * @param days how many
 * @returns one a day, without gaps; what may never come is left out
 */
export function planDays(plans: readonly DatedPlan[], now: number, days: number): PlanDay[] {
  const items = plans
    .flatMap(({ wishId, outline, prepared }): DayItem[] =>
      [...prepared, ...outline.steps].map((each) => ({ wishId, ...each })),
    )
    .filter((each) => told(each) && Number.isFinite(each.from));
  const dayOf = ({ kind, from, until }: DayItem) => onClock(kind === 'buy' ? until : Math.max(from, now), 0);
  return Array.from({ length: days }, (_, i) => {
    // From noon to noon, so that a day of 23 or 25 hours is one too.
    const day = onClock(onClock(now, 12 * 60) + i * dayMs, 0);
    return { day, items: items.filter((each) => dayOf(each) === day).sort((a, b) => a.from - b.from) };
  });
}
