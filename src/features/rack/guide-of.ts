import { openingGuide, type OpeningGuide } from '@/core/bottling/opening-guide';
import { betweenHours } from '@/core/forecast/run/hour-index';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { Lot } from '@/core/lots/lot';
import { liquidMl, solidGrams } from '@/core/matter/contents';
import { headspaceCm } from '@/core/vessels/bottle-shape';
import { watchOf } from '@/core/tasks/pressure-watch';
import { hourMs } from '@/core/duration';

/** How a bottle of the rack is opened now, from its forecast, its place and what floats in it; null while it is worked out. */
export function guideOf(
  lot: Lot,
  answer: LotAnswer | null,
  celsius: number,
  now: number,
): OpeningGuide | null {
  const watch = answer && watchOf(answer, now);
  if (!answer || !watch) return null;
  const { index } = betweenHours(answer.hours, (now - answer.start) / hourMs);
  const moved = lot.events.filter(({ kind }) => kind === 'moved').at(-1);
  const liquid = Math.max(1, liquidMl(lot.contents));
  return openingGuide({
    volumes: answer.series.fizz[index]?.[4] ?? 0,
    celsius,
    hoursCold: lot.place === 'fridge' ? (now - (moved?.at ?? lot.begunAt)) / hourMs : 0,
    pulpShare: solidGrams(lot.contents) / liquid,
    headspaceCm: headspaceCm(lot.vessel.kind, lot.vessel.ml, Math.max(0, lot.vessel.ml - liquid)),
    limitShare: watch.edge,
    standBack: watch.stage === 'do-not-handle',
  });
}
