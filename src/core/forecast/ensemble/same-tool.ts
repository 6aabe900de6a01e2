/** How far a household's own hydrometer or refractometer is off, with what nobody weighed of the sugar at the start: one standard deviation. */
export const toolOffset = { sg: 0.003, brix: 0.7 } as const;

/** A tool whose readings are all off by the same, and with it by what the account of the sugar is off. */
export type OffsetTool = keyof typeof toolOffset;
export const isOffsetTool = (kind: string): kind is OffsetTool => kind in toolOffset;

/**
 * Log density of readings of one tool that shares an unknown offset: what tells is mostly how far they drop, not where they lie.
 *
 * @param residuals readings less what is expected, in the tool's unit
 * @param error of one reading, one standard deviation, above 0
 * @param offset that all share, one standard deviation, 0 or more
 * @param blunders share of readings that are simply off, 0–1
 * @returns a finite number: one blunder among them never rules out a kitchen
 * @source normal errors with a shared normal term, integrated out (first principles)
 * @example logOfSameTool([0.005, 0.005], 0.0015, 0.003, 0.03) > logOfSameTool([0, 0.005], 0.0015, 0.003, 0.03) // true
 */
export function logOfSameTool(
  residuals: readonly number[],
  error: number,
  offset: number,
  blunders: number,
): number {
  const anything = Math.log(blunders / (error * 40));
  const sound = Math.log(1 - blunders);
  const n = residuals.length;
  const all = logDensity(residuals, error, offset) + n * sound;
  const butOne = residuals.map(
    (_, left) =>
      logDensity(
        residuals.filter((_each, i) => i !== left),
        error,
        offset,
      ) +
      (n - 1) * sound +
      anything,
  );
  const none = n * anything;
  // For one reading "all but one" is none of them.
  return logOfSum(n > 1 ? [all, ...butOne, none] : [all, none]);
}

function logDensity(residuals: readonly number[], error: number, offset: number): number {
  const n = residuals.length;
  if (n === 0) return 0;
  const shared = (offset / error) ** 2;
  let [sum, squares] = [0, 0];
  for (const residual of residuals) {
    const z = residual / error;
    sum += z;
    squares += z * z;
  }
  const spread = 1 + n * shared;
  return (
    -0.5 * (squares - (shared / spread) * sum * sum + Math.log(spread)) -
    n * Math.log(error * Math.sqrt(2 * Math.PI))
  );
}

function logOfSum(logs: readonly number[]): number {
  const top = Math.max(...logs);
  return top + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - top), 0));
}
