import { transfer, wrap, type Remote } from 'comlink';
import type { HeldAnswer } from '../core/forecast/answer/run-store';
import type { FamilyQuestion } from '../core/forecast/question/family-question';
import type { Answerer } from './answerer';
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

/** In a second worker, which is ended afterwards: what pages wait for does not wait for it. Its runs go to the first. */
async function refine(id: string, question: FamilyQuestion, keep: string): Promise<HeldAnswer> {
  if (!hasSpareProcessor()) throw new Error('no processor to spare');
  const { worker, remote, broken } = started();
  try {
    const answer = await Promise.race([remote.hold(id, question, keep), broken]);
    const { port1, port2 } = new MessageChannel();
    const taken = call((first) => first.takeRuns(transfer(port2, [port2])));
    await Promise.race([remote.sendRuns(id, transfer(port1, [port1])), broken]);
    await taken;
    return answer;
  } finally {
    worker.terminate();
  }
}

/** The forecast in a worker of its own. */
export const workerAnswerer: Answerer = {
  wake: () => void (current ??= started()),
  family: (question) => call((remote) => remote.family(question)),
  hold: (id, question, keep) => call((remote) => remote.hold(id, question, keep)),
  refine,
  starter: (question) => call((remote) => remote.starter(question)),
  suppose: (runId, ask) => call((remote) => remote.suppose(runId, ask)),
  chills: (runId, hours, limitBar, untilHour) =>
    call((remote) => remote.chills(runId, hours, limitBar, untilHour)),
  bottlings: (runId, hours, wantedVolumes) => call((remote) => remote.bottlings(runId, hours, wantedVolumes)),
  fillings: (runId, ask) => call((remote) => remote.fillings(runId, ask)),
  jar: (runId, hour) => call((remote) => remote.jar(runId, hour)),
};
