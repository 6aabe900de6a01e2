import type { Reading } from '../../ferment/scenario/ferment';
import type { Lot } from '../../lots/lot';
import { hourMs } from '../../duration';

/** Kinds that weigh no forecast: they correct the amounts, or tell of care alone. */
const silent: readonly string[] = ['grams', 'ml', 'colour', 'texture', 'spice', 'aroma', 'off', 'liking'];

/** Readings of one kind on one lot that are weighed: more of them would say no more than the equations can bear. */
const mostOfAKind = 24;

/** Evenly thinned to the most of each kind, the first and the last among them. */
function thinned(readings: readonly Reading[]): Reading[] {
  const kinds = new Map<Reading['kind'], Reading[]>();
  for (const reading of readings) kinds.set(reading.kind, [...(kinds.get(reading.kind) ?? []), reading]);
  const kept = new Set(
    [...kinds.values()].flatMap((alike) => {
      const count = Math.min(alike.length, mostOfAKind);
      const step = count > 1 ? (alike.length - 1) / (count - 1) : 0;
      return Array.from({ length: count }, (_, i) => alike[Math.round(i * step)]!);
    }),
  );
  return readings.filter((reading) => kept.has(reading));
}

/**
 * Everything read on a lot within hours of an instant, as the forecast takes it.
 *
 * @param start instant of hour 0
 * @param hours length of the forecast
 * @returns at most 24 of a kind, evenly spread over those there are
 */
export const readingsWithin = (lot: Lot, start: number, hours: number): Reading[] =>
  thinned(
    lot.events.flatMap((event) => {
      const hour = (event.at - start) / hourMs;
      if (event.kind !== 'read' || hour < 0 || hour > hours) return [];
      return event.readings
        .filter(({ kind }) => !silent.includes(kind))
        .map((reading) => ({ ...reading, hour }) as Reading);
    }),
  );
