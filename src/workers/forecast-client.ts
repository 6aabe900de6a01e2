import { wrap, type Remote } from 'comlink';
import type { AnswerWithRuns } from '../core/forecast/answer/family-answer';
import type { FamilyQuestion } from '../core/forecast/question/family-question';
import type { Answerer } from './forecast-queue';
import type { ForecastWorker } from './forecast-worker';

let current: { worker: Worker; remote: Remote<ForecastWorker>; broken: Promise<never> } | null = null;

function started() {
  const worker = new Worker(new URL('./forecast-worker', window.location.href));
  const broken = new Promise<never>((_, fail) => {
    worker.onerror = () => fail(new Error('the forecast worker failed'));
    worker.onmessageerror = () => fail(new Error('the forecast worker sent something unreadable'));
  });
  broken.catch(() => undefined);
  return { worker, remote: wrap<ForecastWorker>(worker), broken };
}

/** One call; a worker that broke is ended, and the next call starts another. */
async function call<T>(ask: (remote: Remote<ForecastWorker>) => Promise<unknown>): Promise<T> {
  current ??= started();
  const { worker, remote, broken } = current;
  try {
    return (await Promise.race([ask(remote), broken])) as T;
  } catch (fault) {
    worker.terminate();
    current = null;
    throw fault;
  }
}

/** A device with so few processors has none to spare: a closer look would hold up what somebody waits for. */
const tooFewProcessors = 2;

const hasSpareProcessor = (): boolean => (navigator.hardwareConcurrency ?? 4) > tooFewProcessors;

/** In a second worker, which is ended afterwards: what pages wait for does not wait for it. */
async function refine(question: FamilyQuestion, keep: string): Promise<AnswerWithRuns> {
  if (!hasSpareProcessor()) throw new Error('no processor to spare');
  const { worker, remote, broken } = started();
  try {
    return (await Promise.race([remote.familyWithRuns(question, keep), broken])) as AnswerWithRuns;
  } finally {
    worker.terminate();
  }
}

/** The forecast in a worker of its own. */
export const workerAnswerer: Answerer = {
  wake: () => void (current ??= started()),
  family: (question) => call((remote) => remote.family(question)),
  familyWithRuns: (question, keep) => call((remote) => remote.familyWithRuns(question, keep)),
  refine,
  starter: (question) => call((remote) => remote.starter(question)),
  suppose: (ask, run) => call((remote) => remote.suppose(ask, run)),
  chills: (run, hours, limitBar, untilHour) =>
    call((remote) => remote.chills(run, hours, limitBar, untilHour)),
  bottlings: (run, hours, wantedVolumes) => call((remote) => remote.bottlings(run, hours, wantedVolumes)),
  fillings: (run, ask) => call((remote) => remote.fillings(run, ask)),
};
