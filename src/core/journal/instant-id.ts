/**
 * Ids that sort by the time of writing: milliseconds, a counter and the writer, in base 36.
 *
 * The clock may move back (zone change, a corrected clock): the next id then keeps the last one's time and counts on.
 */
export interface IdClock {
  readonly ms: number;
  readonly count: number;
}

const width = { ms: 9, count: 4, writer: 4 } as const;

/**
 * @param last where the ids stood
 * @param now ms since 1970, any
 * @param writer four characters 0–9 a–z that tell this tab or device from others
 * @returns the id and the new standing
 * @example nextId({ ms: 0, count: 0 }, 1_700_000_000_000, 'ab12').id // '0loyw3v280000ab12'
 */
export function nextId(last: IdClock, now: number, writer: string): { id: string; clock: IdClock } {
  const full = last.count >= 36 ** width.count - 1;
  const stalled = now <= last.ms && !full;
  const clock = stalled
    ? { ms: last.ms, count: last.count + 1 }
    : { ms: Math.max(now, last.ms + (full ? 1 : 0)), count: 0 };
  const id =
    clock.ms.toString(36).padStart(width.ms, '0') +
    clock.count.toString(36).padStart(width.count, '0') +
    writer;
  return { id, clock };
}

/** The shape of every id. */
export const idShape = /^[0-9a-z]{9}[0-9a-z]{4}[0-9a-z]{4}$/;

/** Where ids stand after one, so that a reopened journal goes on behind its last entry. */
export const clockOf = (id: string): IdClock => ({
  ms: parseInt(id.slice(0, width.ms), 36),
  count: parseInt(id.slice(width.ms, width.ms + width.count), 36),
});
