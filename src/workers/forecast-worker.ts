import { expose } from 'comlink';
import { quickStepper } from '../core/ferment/run/compiled/compile';
import type { FillingAsk } from '../core/forecast/advice/fillings';
import { answerFamily } from '../core/forecast/answer/family-answer';
import { RunStore, type HeldFamily } from '../core/forecast/answer/run-store';
import type { SupposeAsk } from '../core/forecast/answer/suppose';
import type { FamilyQuestion } from '../core/forecast/question/family-question';
import type { StarterQuestion } from '../core/forecast/question/starter-question';
import { answerStarter } from '../core/forecast/starter/starter-answer';

const stepper = quickStepper();
const store = new RunStore(stepper);

const api = {
  /** A family's answer alone: for lists, Today and the rack. */
  family: (question: FamilyQuestion) => answerFamily(question, stepper, null).answer,
  /** An answer whose runs are held here, for a page that drags and supposes. */
  hold: (id: string, question: FamilyQuestion, keep: string) => store.family(id, question, keep),
  /** Sends the runs of a family to another worker. */
  sendRuns(id: string, port: MessagePort) {
    const held = store.handOver(id);
    port.postMessage(
      held,
      held.runs.flatMap(({ rows, celsius, weights }) => [rows.buffer, celsius.buffer, weights.buffer]),
    );
  },
  /** Takes runs that another worker sends. */
  takeRuns: (port: MessagePort) =>
    new Promise<void>((taken) => {
      port.onmessage = ({ data }: MessageEvent<HeldFamily>) => {
        store.take(data);
        port.close();
        taken();
      };
    }),
  starter: (question: StarterQuestion) => answerStarter(question, stepper),
  suppose: (runId: string, ask: SupposeAsk) => store.suppose(runId, ask),
  chills: (runId: string, hours: readonly number[], limitBar: number, untilHour: number) =>
    store.chills(runId, hours, limitBar, untilHour),
  bottlings: (runId: string, hours: readonly number[], wantedVolumes: number) =>
    store.bottlings(runId, hours, wantedVolumes),
  fillings: (runId: string, ask: FillingAsk) => store.fillings(runId, ask),
  jar: (runId: string, hour: number) => store.jar(runId, hour),
};

export type ForecastWorker = typeof api;

expose(api);
