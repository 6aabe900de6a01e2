import { wrap, type Remote } from 'comlink';
import type { AskedWay, PlanAnswer, PlanAsk } from '../core/plan/answer';
import type { UnderWay, UnderWayAsk } from '../core/plan/under-way';
import type { Hands } from '../core/plan/way-through';
import type { PlanWorker } from './plan-worker';

/** A planner in a worker of its own: lengths it worked out once are known as long as the app is open. */
interface Planner {
  /** @returns null when it failed */
  plan(ask: PlanAsk): Promise<PlanAnswer | null>;
  /** @returns null when it failed */
  underWay(asks: readonly UnderWayAsk[], hands: Hands): Promise<readonly UnderWay[] | null>;
  /** Works out what a plan with this way will ask for, unless it is known. */
  prepare(way: AskedWay): Promise<void | null>;
}

function startPlanner(onFailed: () => void): Planner {
  const worker = new Worker(new URL('./plan-worker', window.location.href));
  const remote: Remote<PlanWorker> = wrap<PlanWorker>(worker);
  const over = new Promise<null>((done) => {
    worker.onerror = worker.onmessageerror = () => {
      onFailed();
      worker.terminate();
      done(null);
    };
  });
  const unlessOver = <T>(answer: Promise<T>) => Promise.race([answer, over]).catch(() => null);
  return {
    plan: (ask) => unlessOver(remote.plan(ask)),
    underWay: (asks, hands) => unlessOver(remote.underWay(asks, hands)),
    prepare: (way) => unlessOver(remote.prepare(way)),
  };
}

let held: Planner | null = null;

/** The one planner; another where the last one failed. */
export const planner = (): Planner => (held ??= startPlanner(() => (held = null)));
