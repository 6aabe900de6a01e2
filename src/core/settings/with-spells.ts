import type { Spell } from './spell';
import type { PlaceId, WarmthStep, Warmths } from '../kitchen/places';

/**
 * Temperature histories with the spells laid over them: from its beginning to its end a place is as warm as the spell says,
 * whatever was said before; then it is again as it would have been. What is read within a spell counts for itself.
 *
 * @param spells in order of time; the later one wins where two meet
 */
export function withSpells(
  warmths: Warmths,
  spells: readonly Spell[],
  before: (place: PlaceId, at: number) => number,
): Warmths {
  if (spells.length === 0) return warmths;
  const out: Partial<Record<PlaceId, readonly WarmthStep[]>> = { ...warmths };
  for (const { place, from, to, celsius } of spells) {
    const steps = out[place] ?? [];
    // A place that was never spoken of keeps what it stood at until then.
    const first: WarmthStep[] = steps.some(({ at }) => at <= from)
      ? []
      : [{ at: from - 1, celsius: before(place, from - 1) }];
    const within = steps.filter(({ at }) => at > from && at < to);
    const spoken = within.at(-1) ?? steps.filter(({ at }) => at <= from).at(-1);
    const after = spoken ?? { celsius: before(place, from - 1) };
    out[place] = [
      ...steps.filter(({ at }) => at <= from),
      ...first,
      { at: from, celsius },
      ...within,
      { ...after, at: to },
      ...steps.filter(({ at }) => at >= to),
    ].sort((a, b) => a.at - b.at);
  }
  return out;
}
