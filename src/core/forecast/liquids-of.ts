import { lotOf, type Household } from '../journal/household';
import type { LiquidAsk } from './root-ferment';

/** A household as living liquids are asked for: its jars, and how warm its places were. */
export const liquidsOf = (household: Household): LiquidAsk => ({
  find: (id) => lotOf(household, id),
  warmths: household.warmths,
});
