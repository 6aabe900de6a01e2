import type { LotStage } from '../scenario/ferment';
import type { Filling } from '../state/ferment-state';

/** When each stage starts and ends, hours from the start. */
export interface StageSpan {
  readonly stage: LotStage;
  readonly from: number;
  readonly to: number;
}

export function stageSpans(stages: readonly LotStage[]): readonly StageSpan[] {
  let from = 0;
  return stages.map((stage) => {
    const span = { stage, from, to: from + stage.hours };
    from = span.to;
    return span;
  });
}

/**
 * Moments to report: every `stepHours` from 0, the very end, and any others asked for.
 * @example reportHours(2.5, 1) // [0, 1, 2, 2.5]
 */
export function reportHours(totalHours: number, stepHours: number, alsoAt: readonly number[] = []): number[] {
  const count = Math.floor(totalHours / stepHours + 1e-9);
  const hours = Array.from({ length: count + 1 }, (_, i) => i * stepHours);
  if (totalHours - count * stepHours > 1e-9) hours.push(totalHours);
  const extra = alsoAt.filter((hour) => hour >= 0 && hour <= totalHours);
  if (extra.length === 0) return hours;
  const all = [...hours, ...extra].sort((a, b) => a - b);
  return all.filter((hour, i) => i === 0 || hour - all[i - 1]! > 1e-6);
}

/** Beyond this many hours a family is reported every sixth hour: nobody reads a bottle of next month by the hour. */
const nearHours = 24 * 10;

/** The moments of a family's report: as `reportHours`, thinned out where they are far off. */
export const familyHours = (
  totalHours: number,
  stepHours: number,
  alsoAt: readonly number[] = [],
): number[] =>
  reportHours(totalHours, stepHours, alsoAt).filter(
    (hour) => hour <= nearHours || hour % 6 < 1e-6 || hour === totalHours || alsoAt.includes(hour),
  );

/** The stage in force at an hour; at a boundary the one that ends there. */
export function spanAt(spans: readonly StageSpan[], hour: number): StageSpan {
  for (const span of spans) if (hour <= span.to + 1e-9) return span;
  return spans[spans.length - 1]!;
}

const ratioOf = (stage: LotStage, liquidMl: number) => stage.headspaceMl / (stage.liquidMl ?? liquidMl);

/**
 * How a sealed vessel was filled that stands in an hour's stage: its headspace, and how warm its liquid was at the sealing.
 *
 * @param liquidMl liquid of stages that name none
 */
export function fillingAt(stages: readonly LotStage[], hour: number, liquidMl: number): Filling {
  let filling: Filling = { headspaceRatio: 0, filledCelsius: 20 };
  let before: LotStage | null = null;
  let from = 0;
  for (const stage of stages) {
    if (stage.vessel === 'sealed') {
      const headspaceRatio = ratioOf(stage, liquidMl);
      const same = before?.vessel === 'sealed' && filling.headspaceRatio === headspaceRatio;
      if (!same) filling = { headspaceRatio, filledCelsius: stage.sealedAtCelsius ?? stage.celsius };
    }
    before = stage;
    from += stage.hours;
    if (hour <= from + 1e-9) break;
  }
  return filling;
}
