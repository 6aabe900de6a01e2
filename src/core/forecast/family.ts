import { resumeRun } from '../ferment/ferment-run';
import type { Ferment, LotStage, Reading } from '../ferment/ferment';
import type { Member } from '../ferment/member';
import { follow, longestStep } from '../ferment/simulate';
import { slots } from '../ferment/state';
import { familyHours, spanAt, stageSpans } from '../ferment/time-table';
import { leakOf } from './priors';
import { seededUniform } from './random';
import { hourIndexAt } from './between-hours';
import { rowAt, runMembers, type StoredRun } from './stored-run';

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
 * Runs every member through the jar once, and from its states through each lot drawn from it.
 *
 * @returns the jar's run, then one for each branch; a branch's run holds its past in the jar too, so that anything asked of
 *   a run can be asked of it. All share their members; weights are equal
 */
export function runFamily(family: Family, members: readonly Member[]): StoredRun[] {
  const runs = [runMembers(family.root, members, drawnAt(family, -1))];
  family.branches.forEach((branch, index) => {
    runs.push(runBranch(family, branch, index, runs[branch.parent + 1]!));
  });
  return runs;
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

function runBranch(family: Family, branch: Branch, index: number, parent: StoredRun): StoredRun {
  const ferment: Ferment = {
    ...parent.ferment,
    liquidLitres: branch.liquidLitres,
    stages: pathStages(parent.ferment, branch),
    readings: branch.readings,
  };
  const total = branch.fromHour + lengthOf(branch.stages);
  const drawn = hourIndexAt(parent.hours, branch.fromHour);
  const own = familyHours(total, ferment.stepHours, drawnAt(family, index)).filter(
    (hour) => hour > branch.fromHour + 1e-9,
  );
  const hours = [...parent.hours.slice(0, drawn + 1), ...own];
  const members = parent.members.map((member, m) => ({
    ...member,
    leak: leakOf(seededUniform(family.root.seed + 7919 * (index + 1) + 31 * m)()),
  }));
  const rows = new Float32Array(members.length * hours.length * ROW_SIZE);
  const celsius = new Float32Array(members.length * hours.length);
  const { stage } = spanAt(stageSpans(parent.ferment.stages), branch.fromHour);
  const relative = own.map((hour) => hour - branch.fromHour);
  members.forEach((member, m) => {
    const from = rowAt(parent, m, 0);
    rows.set(parent.rows.subarray(from, from + (drawn + 1) * ROW_SIZE), m * hours.length * ROW_SIZE);
    celsius.set(
      parent.celsius.subarray(m * parent.hours.length, m * parent.hours.length + drawn + 1),
      m * hours.length,
    );
    const run = resumeRun(
      parent.ferment,
      member,
      stage,
      branch.fromHour,
      parent.rows,
      rowAt(parent, m, drawn),
    );
    follow(
      run,
      branch.stages,
      relative,
      { rows, celsius, offset: 0, row: m * hours.length + drawn + 1 },
      longestStep,
      ferment.longSteps,
    );
  });
  return { ferment, hours, members, rows, celsius, weights: parent.weights };
}
