import type { Lot } from '../lots/lot';
import type { LookKind } from './telling-look';

/**
 * What can be looked at: by hand and tongue always, with an instrument when it was used before.
 *
 * @param by how a sealed bottle's pressure is felt: a soft bottle of its batch squeezed, or one cap eased
 * @returns none of what is not sealed by `by`
 */
export function looksAt(sealed: boolean, path: readonly Lot[], by: 'squeeze' | 'hiss'): readonly LookKind[] {
  const used = new Set(
    path.flatMap(({ events }) =>
      events.flatMap((event) => (event.kind === 'read' ? event.readings.map(({ kind }) => kind) : [])),
    ),
  );
  return sealed
    ? [by, ...(used.has('gaugeBar') ? (['gaugeBar'] as const) : [])]
    : ['sweet', 'foam', ...(used.has('sg') ? (['sg'] as const) : [])];
}
