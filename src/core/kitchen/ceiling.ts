interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

/** Where the household's ceiling is kept among its choices, and ceilings that are offered, % by volume. */
export const ceilingKey = 'alcohol-ceiling';
export const ceilings = [0.5, 1, 2] as const;

/** Alcohol that a household wants no drink to pass, % by volume; null where it set none. */
export function ceilingOf({ kept }: Keeps): number | null {
  const is = kept.choice?.[ceilingKey]?.is;
  return typeof is === 'number' && is > 0 ? is : null;
}
