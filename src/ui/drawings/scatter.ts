/** Fixed scattered points in the unit square (additive recurrence on the plastic number): the same jar always looks the same. */
export const scatter = (count: number): readonly { readonly x: number; readonly y: number }[] =>
  Array.from({ length: count }, (_, i) => ({
    x: (0.5 + 0.7548776662 * (i + 1)) % 1,
    y: (0.5 + 0.569840291 * (i + 1)) % 1,
  }));
