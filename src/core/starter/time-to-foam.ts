import type { Lot } from '../lots/lot';
import { fermentableGrams } from '../matter/substances';
import { movedBy } from '../lots/lot';
import { hourMs } from '../duration';

/** How long after a feed good foam was first seen. */
export interface TimeToFoam {
  readonly fedAt: number;
  readonly hours: number;
}

const foamy: readonly (string | number)[] = ['good', 'riding'];

/**
 * After how many hours a jar foamed well, feed by feed, the latest last: the shorter, the livelier. Feeds after which nobody saw
 * good foam are left out.
 */
export function timesToFoam(lot: Lot): TimeToFoam[] {
  const out: TimeToFoam[] = [];
  let fedAt: number | null = null;
  for (const event of lot.events) {
    if (event.kind === 'added' && fermentableGrams(movedBy(event).liquid) > 0.5) fedAt = event.at;
    if (event.kind !== 'read' || fedAt === null) continue;
    if (!event.readings.some(({ kind, value }) => kind === 'foam' && foamy.includes(value))) continue;
    out.push({ fedAt, hours: (event.at - fedAt) / hourMs });
    fedAt = null;
  }
  return out;
}
