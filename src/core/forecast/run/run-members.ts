import { beginRun } from '../../ferment/run/ferment-run';
import type { Ferment } from '../../ferment/scenario/ferment';
import type { Member } from '../../ferment/state/member';
import { followAll, longestStep } from '../../ferment/run/simulate';
import type { Stepper } from '../../ferment/run/stepper';
import type { Pace } from '../../ferment/run/step-plan';
import { slots } from '../../ferment/state/state';
import { familyHours, reportHours } from '../../ferment/run/time-table';
import type { StoredRun } from './stored-run';

const { ROW_SIZE } = slots;

/** How long the steps of a ferment's integration may be. */
export const paceOf = ({ longSteps }: Ferment): Pace => ({ limit: longestStep, long: longSteps });

/**
 * Runs every member through the ferment, all weighing the same.
 *
 * @param hours moments to report, rising, from 0 to the end of the stages
 * @returns a row a member at each; cost linear in members and hours
 */
export function runMembers(
  ferment: Ferment,
  members: readonly Member[],
  stepper: Stepper,
  hours: readonly number[] = hoursOf(ferment),
): StoredRun {
  const rows = new Float32Array(members.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(members.length * hours.length);
  const runs = members.map((member) => beginRun(ferment, member));
  const gaps = followAll(runs, ferment.stages, hours, { rows, celsius, first: 0 }, paceOf(ferment), stepper);
  const weights = new Float64Array(members.length).fill(1 / members.length);
  return { stepper, ferment, hours, members, rows, celsius, weights, gaps };
}

/** The hours a ferment is reported at: every `stepHours`, and others asked for, such as those of draws. */
export function hoursOf(ferment: Ferment, alsoAt: readonly number[] = []): number[] {
  const total = ferment.stages.reduce((sum, stage) => sum + stage.hours, 0);
  return (ferment.longSteps ? familyHours : reportHours)(total, ferment.stepHours, alsoAt);
}
