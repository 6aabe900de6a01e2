import type { Reading } from '../ferment/ferment';
import type { Lot } from '../lots/lot';

const hourMs = 3_600_000;

/** Kinds that weigh no forecast: they correct the amounts, or tell of care alone. */
const silent: readonly string[] = ['grams', 'ml', 'colour', 'texture', 'spice', 'aroma', 'off', 'liking'];

/**
 * Everything read on a lot within hours of an instant, as the forecast takes it.
 *
 * @param start instant of hour 0
 * @param hours length of the forecast
 */
export const readingsWithin = (lot: Lot, start: number, hours: number): Reading[] =>
  lot.events.flatMap((event) => {
    const hour = (event.at - start) / hourMs;
    if (event.kind !== 'read' || hour < 0 || hour > hours) return [];
    return event.readings
      .filter(({ kind }) => !silent.includes(kind))
      .map((reading) => ({ ...reading, hour }) as Reading);
  });
