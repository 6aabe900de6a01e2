import { expose } from 'comlink';
import { quickStepper } from '../core/ferment/run/compiled/compile';
import type { Hands } from '../core/plan/way-through';
import { underWay, type UnderWayAsk, type UnderWayCache } from '../core/plan/under-way';
import { answerPlan, lengthsFor, type AskedWay, type LengthsCache, type PlanAsk } from '../core/plan/answer';

const stepper = quickStepper();
const lengths: LengthsCache = new Map();
const begun: UnderWayCache = new Map();

/** Works plans out beside the forecasts: what a page waits for is not held up by them. */
const api = {
  plan: (ask: PlanAsk) => answerPlan(ask, stepper, lengths),
  /** What becomes of wishes whose brew is under way. */
  underWay: (asks: readonly UnderWayAsk[], hands: Hands) =>
    asks.map((ask) => underWay(ask, hands, stepper, begun)),
  /** Works out what a plan will ask for. */
  prepare: (way: AskedWay) => void lengthsFor(way, stepper, lengths),
};

export type PlanWorker = typeof api;

expose(api);
