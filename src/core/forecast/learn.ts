/** What one finished batch said of a starter: the logarithm of its vigour, and how sure that is. */
export interface BatchLesson {
  readonly logVigour: number;
  readonly deviation: number;
}

export interface LearnedVigour {
  /** Usual vigour of this starter against its kind, 1 when nothing was learned. */
  readonly vigour: number;
  /** Standard deviation of the logarithm of the next batch's vigour. */
  readonly spread: number;
  readonly batches: number;
}

/** How much one starter's vigour varies from batch to batch: standard deviation of its logarithm. Practice. */
const betweenBatches = 0.15;

/**
 * A starter's usual vigour from its finished batches, shrunk towards the kind's prior when there are few.
 *
 * A normal prior for the starter's mean (0, `kindSpread`²) meets lessons of variance deviation² + betweenBatches². A lesson
 * is itself a posterior, so its prior is taken out before it counts.
 *
 * @param lessons finished batches, any order
 * @param kindSpread standard deviation of the logarithm of the vigour within the kind, above 0
 * @source conjugate normal model; Gelman and others, Bayesian Data Analysis, ch. 2
 * @example learnVigour([], 0.28) // { vigour: 1, spread: 0.28, batches: 0 }
 */
export function learnVigour(lessons: readonly BatchLesson[], kindSpread: number): LearnedVigour {
  if (lessons.length === 0) return { vigour: 1, spread: kindSpread, batches: 0 };
  const priorPrecision = 1 / kindSpread ** 2;
  let precision = priorPrecision;
  let sum = 0;
  for (const { logVigour, deviation } of lessons) {
    const posterior = 1 / Math.max(deviation, 1e-3) ** 2;
    const own = Math.max(posterior - priorPrecision, 1e-6);
    const observed = (logVigour * posterior) / own;
    const weight = 1 / (1 / own + betweenBatches ** 2);
    precision += weight;
    sum += weight * observed;
  }
  const spread = Math.hypot(Math.sqrt(1 / precision), betweenBatches);
  return { vigour: Math.exp(sum / precision), spread: Math.min(kindSpread, spread), batches: lessons.length };
}
