import type { Stage } from './scenario';

/** When each stage starts and ends, hours from the start. */
export interface StageSpan {
  readonly stage: Stage;
  readonly from: number;
  readonly to: number;
}

export function stageSpans(stages: readonly Stage[]): readonly StageSpan[] {
  let from = 0;
  return stages.map((stage) => {
    const span = { stage, from, to: from + stage.hours };
    from = span.to;
    return span;
  });
}

/**
 * Moments to report: every `stepHours` from 0, and the very end.
 * @example reportHours(2.5, 1) // [0, 1, 2, 2.5]
 */
export function reportHours(totalHours: number, stepHours: number): number[] {
  const count = Math.floor(totalHours / stepHours + 1e-9);
  const hours = Array.from({ length: count + 1 }, (_, i) => i * stepHours);
  if (totalHours - count * stepHours > 1e-9) hours.push(totalHours);
  return hours;
}

/** The stage in force at an hour; at a boundary the one that ends there. */
export function spanAt(spans: readonly StageSpan[], hour: number): StageSpan {
  for (const span of spans) if (hour <= span.to + 1e-9) return span;
  return spans[spans.length - 1]!;
}
