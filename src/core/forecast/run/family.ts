import type { Stepper } from '../../ferment/run/stepper';
import { resumeRun } from '../../ferment/run/ferment-run';
import type { Ferment, LotStage, Reading } from '../../ferment/scenario/ferment';
import type { Member } from '../../ferment/state/member';
import { followAll } from '../../ferment/run/simulate';
import { slots } from '../../ferment/state/state';
import { familyHours, spanAt, stageSpans } from '../../ferment/run/time-table';
import { leakOfBranch } from './seal-leak';
import { hourIndexAt } from './hour-index';
import { hoursOf, paceOf, runMembers } from './run-members';
import { rowAt, rowOf, type StoredRun } from './stored-run';

const { ROW_SIZE } = slots;

/** A lot drawn from another: the same members go on from where they stood, in a vessel of its own. */
export interface Branch {
  /** Lots that share this very history. */
  readonly lots: readonly string[];
  /** Index of the branch it was drawn from; −1 for the jar. */
  readonly parent: number;
  /** Hours from the family's start. */
  readonly fromHour: number;
  readonly liquidLitres: number;
  readonly stages: readonly LotStage[];
  /** Readings on these lots; hours from the family's start. */
  readonly readings: readonly Reading[];
}

/** A jar and everything drawn from it. Branches come after the one they were drawn from. */
export interface Family {
  readonly root: Ferment;
  /** Lots that are the jar itself. */
  readonly lots: readonly string[];
  readonly branches: readonly Branch[];
}

/** A family with nothing drawn from it. */
export const loneFerment = (root: Ferment): Family => ({ root, lots: [], branches: [] });

const lengthOf = (stages: readonly LotStage[]) => stages.reduce((sum, stage) => sum + stage.hours, 0);

/** Hours at which something was drawn from a lot of the family. */
const drawnAt = (family: Family, parent: number) =>
  family.branches.filter((branch) => branch.parent === parent).map(({ fromHour }) => fromHour);

/**
 * Runs every member through the jar once, and from its states through each lot drawn from it, a lot at a time: a run is held
 * only until the last that was drawn from its lot has begun. Sixty unlike bottles would be a gigabyte otherwise.
 *
 * @param visit is given the jar's run as number 0, then each branch's as its index and one
 * @param readOnly report only where something was read or drawn (and an hour before, for what is felt of the pace), at the
 *   very minute, so that nothing need be read between rows: across a draw or a feed that would be neither the one nor the other
 */
export function followFamily(
  family: Family,
  members: readonly Member[],
  stepper: Stepper,
  visit: (run: StoredRun, index: number) => void,
  readOnly = false,
): void {
  const { root, branches } = family;
  const drawn = drawnAt(family, -1);
  const hours = readOnly ? readHours(root.readings, lengthOf(root.stages), drawn) : hoursOf(root, drawn);
  const held = new Map([[-1, runMembers(root, members, stepper, hours)]]);
  visit(held.get(-1)!, 0);
  branches.forEach((branch, index) => {
    const run = runBranch(family, branch, index, held.get(branch.parent)!, readOnly);
    const later = branches.slice(index + 1);
    if (!later.some(({ parent }) => parent === branch.parent)) held.delete(branch.parent);
    if (later.some(({ parent }) => parent === index)) held.set(index, run);
    visit(run, index + 1);
  });
}

/**
 * The same with all runs held.
 *
 * @returns the jar's run, then one for each branch; a branch's run holds its past in the jar too, so that anything asked of
 *   a run can be asked of it. All share their members; weights are equal
 */
export function runFamily(
  family: Family,
  members: readonly Member[],
  stepper: Stepper,
  readOnly = false,
): StoredRun[] {
  const runs: StoredRun[] = [];
  followFamily(family, members, stepper, (run) => runs.push(run), readOnly);
  return runs;
}

/** Hours of readings, an hour before each, of draws, and the end. */
function readHours(readings: readonly Reading[], end: number, drawn: readonly number[]): number[] {
  const hours = [0, end, ...drawn, ...readings.flatMap(({ hour }) => [hour, hour - 1])];
  return [...new Set(hours.filter((hour) => hour >= 0 && hour <= end))].sort((a, b) => a - b);
}

/** The stages of a lot from the family's start: its parent's up to the draw, then its own. */
function pathStages(parent: Ferment, branch: Branch): LotStage[] {
  const past: LotStage[] = [];
  for (const { stage, from, to } of stageSpans(parent.stages)) {
    if (from >= branch.fromHour - 1e-9) break;
    const hours = Math.min(to, branch.fromHour) - from;
    past.push({ ...stage, hours, liquidMl: stage.liquidMl ?? parent.liquidLitres * 1000 });
  }
  return [...past, ...branch.stages];
}

function runBranch(
  family: Family,
  branch: Branch,
  index: number,
  parent: StoredRun,
  readOnly: boolean,
): StoredRun {
  const { stepper } = parent;
  const ferment: Ferment = {
    ...parent.ferment,
    liquidLitres: branch.liquidLitres,
    stages: pathStages(parent.ferment, branch),
    readings: branch.readings,
  };
  const total = branch.fromHour + lengthOf(branch.stages);
  const drawn = hourIndexAt(parent.hours, branch.fromHour);
  const drawnFrom = drawnAt(family, index);
  const own = (
    readOnly ? readHours(branch.readings, total, drawnFrom) : familyHours(total, ferment.stepHours, drawnFrom)
  ).filter((hour) => hour > branch.fromHour + 1e-9);
  const hours = [...parent.hours.slice(0, drawn + 1), ...own];
  const members = parent.members.map((member) => ({ ...member, leak: leakOfBranch(member.seal, index) }));
  const rows = new Float32Array(members.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(members.length * hours.length);
  const { stage } = spanAt(stageSpans(parent.ferment.stages), branch.fromHour);
  const relative = own.map((hour) => hour - branch.fromHour);
  rows.set(parent.rows.subarray(0, rowAt(parent, 0, drawn + 1)));
  celsius.set(parent.celsius.subarray(0, rowOf(parent, 0, drawn + 1)));
  const { fromHour, stages } = branch;
  const drawnRuns = members.map((member, m) =>
    resumeRun(parent.ferment, member, stage, fromHour, parent.rows, rowAt(parent, m, drawn)),
  );
  const into = { rows, celsius, first: rowOf(parent, 0, drawn + 1) };
  const gaps = [
    ...(parent.gaps ?? []).filter(({ end }) => end <= drawn),
    ...followAll(drawnRuns, stages, relative, into, paceOf(ferment), stepper).map(({ first, end }) => ({
      first: first + drawn + 1,
      end: end + drawn + 1,
    })),
  ];
  return { stepper, ferment, hours, members, rows, celsius, weights: parent.weights, gaps };
}
