import { wrap, type Remote } from 'comlink';
import type { PlanAnswer, PlanAsk } from '../core/plan/answer';
import type { PlanWorker } from './plan-worker';

/** A planner in a worker of its own: lengths it worked out once are known as long as it is held. */
export interface Planner {
  /** @returns null when it failed, or was ended meanwhile */
  plan(ask: PlanAsk): Promise<PlanAnswer | null>;
  end(): void;
}

export function startPlanner(): Planner {
  const worker = new Worker(new URL('./plan-worker', window.location.href));
  const remote: Remote<PlanWorker> = wrap<PlanWorker>(worker);
  const over = new Promise<null>((done) => {
    worker.onerror = () => done(null);
    worker.onmessageerror = () => done(null);
  });
  return {
    plan: (ask) => Promise.race([remote.plan(ask) as Promise<PlanAnswer>, over]).catch(() => null),
    end: () => worker.terminate(),
  };
}
