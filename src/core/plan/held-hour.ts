import { rootOf } from '../forecast/question/family-members';
import { lotOf, type Household } from '../journal/household';
import type { Lot } from '../lots/lot';
import { wishesOf } from '../settings/wish';
import { brewOf } from './wished';
import { hourMs } from '../duration';

/** Something to be done with lots in a window, ms, with soft edges in hours. */
interface Due {
  readonly verb: string;
  readonly lots: readonly Lot[];
  readonly from: number;
  readonly until: number;
  readonly fromSoftHours: number;
  readonly untilSoftHours: number;
}

/** The hour that was held in a plan for it. Instants, ms. */
export interface HeldHour {
  readonly at: number;
  /** Whether the task's window, soft edges and all, still holds it. */
  readonly fits: boolean;
}

/**
 * The hour that a plan held for a bottling or the fridge, once its brew is made.
 *
 * @returns null where none was held, where it has gone by, and for whatever else is due
 */
export function heldHourOf(
  { verb, lots, from, until, fromSoftHours, untilSoftHours }: Due,
  household: Household,
  now: number,
): HeldHour | null {
  if (verb !== 'bottle' && verb !== 'chill') return null;
  const root = rootOf(lots[0]!, (id) => lotOf(household, id));
  const wish = wishesOf(household).find((each) => brewOf(each, household)?.id === root.id);
  const at = verb === 'bottle' ? wish?.taken?.bottleAt : wish?.taken?.chillAt;
  if (at === undefined || at < now) return null;
  return { at, fits: at >= from - fromSoftHours * hourMs && at <= until + untilSoftHours * hourMs };
}
