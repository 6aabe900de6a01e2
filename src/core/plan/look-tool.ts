import { everyLot, type Household } from '../journal/household';
import { habitsOf } from '../tasting/habits';
import type { LookTool } from './fizz-hours';

/** So many of the newest bottles are asked. */
const lately = 12;

/** What a household tells pressure by: a gauge where it read one on its newest bottles, nothing where it never looks, else its hand. */
export function lookToolOf(household: Household): LookTool {
  const newest = everyLot(household)
    .filter(({ role }) => role === 'bottle')
    .sort((a, b) => b.begunAt - a.begunAt)
    .slice(0, lately);
  const gauged = newest.some(({ events }) =>
    events.some((event) => event.kind === 'read' && event.readings.some(({ kind }) => kind === 'gaugeBar')),
  );
  if (gauged) return 'gauge';
  return habitsOf(household).neverFeels ? 'none' : 'squeeze';
}
