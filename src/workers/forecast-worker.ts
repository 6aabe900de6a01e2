import { expose, transfer } from 'comlink';
import { answerFamily } from '../core/forecast/family-answer';
import type { FamilyQuestion } from '../core/forecast/family-question';
import { answerStarter } from '../core/forecast/starter-answer';
import type { StarterQuestion } from '../core/forecast/starter-question';

const api = {
  /** A family's answer alone: for lists, Today and the rack. */
  family: (question: FamilyQuestion) => answerFamily(question).answer,
  /** With the runs behind it, for a page that drags and supposes. */
  familyWithRuns(question: FamilyQuestion) {
    const whole = answerFamily(question);
    const buffers = new Set(
      whole.runs.flatMap(({ rows, celsius, weights }) => [rows.buffer, celsius.buffer, weights.buffer]),
    );
    return transfer(whole, [...buffers]);
  },
  starter: (question: StarterQuestion) => answerStarter(question),
};

export type ForecastWorker = typeof api;

expose(api);
