import { expose, transfer } from 'comlink';
import { bottleTable, chillTable } from '../core/forecast/answer/courses';
import { answerFamily } from '../core/forecast/answer/family-answer';
import type { FamilyQuestion } from '../core/forecast/question/family-question';
import { answerStarter } from '../core/forecast/starter/starter-answer';
import { fillingOutcomes, type FillingAsk } from '../core/forecast/advice/fillings';
import type { StarterQuestion } from '../core/forecast/question/starter-question';
import type { StoredRun } from '../core/forecast/run/stored-run';
import { turnToCompiledSteps } from '../core/ferment/run/compiled/compile';
import { suppose, type SupposeAsk } from '../core/forecast/answer/suppose';

turnToCompiledSteps();

const api = {
  /** A family's answer alone: for lists, Today and the rack. */
  family: (question: FamilyQuestion) => answerFamily(question, null).answer,
  /** With the runs behind it, for a page that drags and supposes. */
  familyWithRuns(question: FamilyQuestion, keep: string) {
    const whole = answerFamily(question, keep);
    const buffers = new Set(
      whole.runs.flatMap(({ rows, celsius, weights }) => [rows.buffer, celsius.buffer, weights.buffer]),
    );
    return transfer(whole, [...buffers]);
  },
  starter: (question: StarterQuestion) => answerStarter(question),
  /** The forecast with one thing supposed. */
  suppose(ask: SupposeAsk, run: StoredRun) {
    const other = suppose(ask, run);
    const { rows, celsius, weights } = other.run;
    return transfer(other, [rows.buffer, celsius.buffer, weights.buffer]);
  },
  /** What chilling at each hour gives, for a handle that is dragged. */
  chills: (run: StoredRun, hours: readonly number[], limitBar: number, untilHour: number) =>
    chillTable(run, hours, limitBar, untilHour),
  /** The same for bottling. */
  bottlings: (run: StoredRun, hours: readonly number[], wantedVolumes: number) =>
    bottleTable(run, hours, wantedVolumes),
  /** What a filling comes to when nobody looks. */
  fillings: (run: StoredRun, ask: FillingAsk) => fillingOutcomes(run, ask),
};

export type ForecastWorker = typeof api;

expose(api);
