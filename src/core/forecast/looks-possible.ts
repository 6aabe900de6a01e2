import type { Lot } from '../lots/lot';
import type { LookKind } from './telling-look';

/** What can be looked at: by hand and tongue always, with an instrument when it was used before. */
export function looksAt(sealed: boolean, path: readonly Lot[]): readonly LookKind[] {
  const used = new Set(
    path.flatMap(({ events }) =>
      events.flatMap((event) => (event.kind === 'read' ? event.readings.map(({ kind }) => kind) : [])),
    ),
  );
  return sealed
    ? ['squeeze', ...(used.has('gaugeBar') ? (['gaugeBar'] as const) : [])]
    : ['sweet', 'foam', ...(used.has('sg') ? (['sg'] as const) : [])];
}
