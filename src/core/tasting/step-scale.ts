import { ordinalScales } from '../forecast/ensemble/ordinal-scales';

/** Scales whose steps a picture can stand on: each step as wide as the others, whatever it holds. */
export type SteppedKind = 'sweet' | 'fizz' | 'hiss';

/**
 * Where a value lies on a scale of words: 0 at the beginning of the first step, 1 at its end, and so on. The first and the last step
 * have no outer edge: they are taken to be as wide as the ones beside them.
 *
 * @param value g/L of sweetness, volumes dissolved, or gauge bar
 * @returns 0 to the number of steps @example stepPlace('fizz', 2.1) // 2.5
 */
export function stepPlace(kind: SteppedKind, value: number): number {
  const edges: readonly number[] = ordinalScales[kind].edges;
  const last = edges.length - 1;
  const all = [2 * edges[0]! - edges[1]!, ...edges, 2 * edges[last]! - edges[last - 1]!];
  const steps = all.length - 1;
  if (value <= all[0]!) return 0;
  if (value >= all[steps]!) return steps;
  const i = all.findIndex((edge, k) => k < steps && value < all[k + 1]! && value >= edge);
  return i + (value - all[i]!) / (all[i + 1]! - all[i]!);
}
