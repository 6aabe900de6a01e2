import type { Lot } from '@/core/lots/lot';
import { keptCulture } from '@/core/starter/feed-plan';
import { begunRipe } from '@/core/lots/grains';
import { dayMs } from '@/core/duration';

/** Days beyond its slowest ripening in which a jar may still be guided: longer when nothing was ever drawn from it. */
const guidedDays = { drawn: 5, undrawn: 30 } as const;

/** Whether a jar may still be in its first days: its guide decides. */
export function isYoung(lot: Lot, now: number): boolean {
  const slowest = keptCulture(lot)?.keeping.ripensDays[2] ?? 0;
  const more = lot.events.some(({ kind }) => kind === 'went') ? guidedDays.drawn : guidedDays.undrawn;
  return slowest > 0 && now - lot.begunAt < (slowest + more) * dayMs;
}

/** Whether a jar is so new that nothing is said yet of what it gives: its page says when, by its guide. */
export function inFirstDays(lot: Lot, now: number): boolean {
  const culture = keptCulture(lot);
  const keeping = culture?.keeping;
  if (culture && begunRipe(lot, culture)) return false;
  const usual = keeping && !keeping.renews ? keeping.ripensDays[1] : 0;
  const drawn = lot.events.some(({ kind }) => kind === 'went');
  const foams = lot.events.some(
    (event) =>
      event.kind === 'read' && event.readings.some(({ value }) => value === 'good' || value === 'riding'),
  );
  return !drawn && !foams && now - lot.begunAt < usual * dayMs;
}
