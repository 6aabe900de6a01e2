import type { Lot } from '@/core/lots/lot';
import { keptCulture } from '@/core/starter/feed-plan';

/** Days beyond its slowest ripening in which a jar may still be guided: longer when nothing was ever drawn from it. */
const guidedDays = { drawn: 5, undrawn: 30 } as const;

/** Whether a jar may still be in its first days: its guide decides. */
export function isYoung(lot: Lot, now: number): boolean {
  const slowest = keptCulture(lot)?.keeping.ripensDays[2] ?? 0;
  const more = lot.events.some(({ kind }) => kind === 'went') ? guidedDays.drawn : guidedDays.undrawn;
  return slowest > 0 && now - lot.begunAt < (slowest + more) * 86_400_000;
}
