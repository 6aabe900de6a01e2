/** Index of the last reported hour not after `hour` (0 at the least). */
export function hourIndexAt(hours: readonly number[], hour: number): number {
  let low = 0;
  let high = hours.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (hours[middle]! <= hour + 1e-9) low = middle;
    else high = middle - 1;
  }
  return low;
}

/**
 * Where an hour lies among reported hours.
 *
 * @returns the row at or before it, and the share of the way to the next, 0–1
 * @example betweenHours([0, 2, 4], 3) // { index: 1, share: 0.5 }
 */
export function betweenHours(
  hours: readonly number[],
  hour: number,
): { readonly index: number; readonly share: number } {
  const low = hourIndexAt(hours, hour);
  const from = hours[low] ?? 0;
  const to = hours[low + 1] ?? from;
  return { index: low, share: to > from ? Math.min(1, Math.max(0, (hour - from) / (to - from))) : 0 };
}
