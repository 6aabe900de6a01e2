/** A curve through points, level beyond its ends. */
function through(points: readonly (readonly [at: number, worth: number])[], x: number): number {
  const after = points.findIndex(([at]) => at >= x);
  if (after <= 0) return points.at(after)![1];
  const [from, below] = points[after - 1]!;
  const [to, above] = points[after]!;
  return below + ((x - from) / (to - from)) * (above - below);
}

/**
 * What a glass is worth by its fizz, against the fizz that is wanted: within a quarter of it good, flat still a drink, much too
 * much half lost over the rim. Practice.
 */
const byFizz = [
  [0, 0.05],
  [0.5, 0.4],
  [0.75, 0.9],
  [1, 1],
  [1.25, 0.9],
  [1.5, 0.45],
  [2, 0.15],
  [3, 0],
] as const;

/** The same by its sweetness: a third to either side is within anybody's taste. Practice. */
const bySweetness = [
  [0, 0.35],
  [0.4, 0.6],
  [0.67, 1],
  [1.5, 1],
  [2.5, 0.6],
] as const;

/**
 * Worth of a glass as it is poured.
 *
 * @param volumes fizz held when it is poured, 0 or more
 * @param wantedVolumes above 0
 * @param sweetness g/L as sucrose, 0 or more
 * @param wantedSweetness g/L; 0 for a drink that is meant to be dry, which is then good at any sweetness below 20
 * @returns 0 to 1: 1 is just as wanted
 * @source practice; the curves are this file's
 * @example pouredWorth({ volumes: 2.5, sweetness: 60 }, { volumes: 2.5, sweetness: 60 }) // 1
 */
export function pouredWorth(
  poured: { readonly volumes: number; readonly sweetness: number },
  wanted: { readonly volumes: number; readonly sweetness: number },
): number {
  return (
    through(byFizz, poured.volumes / wanted.volumes) *
    through(bySweetness, poured.sweetness / Math.max(20, wanted.sweetness))
  );
}

/** Whether fizz is what a maker calls good: within a quarter of what is wanted. */
export const isGoodFizz = (volumes: number, wantedVolumes: number): boolean =>
  Math.abs(volumes / wantedVolumes - 1) <= 0.25;
