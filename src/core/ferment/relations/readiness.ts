/** Baranyi's state grows without bound in theory; a hundred is ready for good, and from there sleep can set in. */
const wideAwake: number = 100;
/** Below this it means "asleep" and falls no further: what lives still wakes. */
const fastAsleep: number = 1e-3;

/**
 * Physiological state of cells some hours on: Baranyi's exponential waking, levelling off when all are ready, less falling
 * asleep in cold or heat. The exact course of dQ/dt = wakes·Q·(1 − Q/100) − sleeps·Q.
 *
 * @param state Q, 0 or more
 * @param wakes @param sleeps rates per hour, held still
 * @returns Q after `hours`, never below 0.001 by falling asleep
 * @source J. Baranyi, T. A. Roberts, Int. J. Food Microbiol. 23 (1994) 277–294
 * @example readied(1, 0.1, 0, 10) // ≈ 2.67
 */
export function readied(state: number, wakes: number, sleeps: number, hours: number): number {
  return readiedBy(state, wakes, sleeps, hours, Math.exp((wakes - sleeps) * hours));
}

/** As `readied`, where the caller has the exponential already. @param times e^((wakes − sleeps)·hours) */
export function readiedBy(
  state: number,
  wakes: number,
  sleeps: number,
  hours: number,
  times: number,
): number {
  const net = wakes - sleeps;
  if (state <= 0 || (wakes === 0 && sleeps === 0)) return state;
  // Logistic towards 100·net/wakes; when sleep outweighs waking it decays towards nothing.
  const crowding =
    Math.abs(net) < 1e-9 ? (wakes * hours) / wideAwake : (wakes * (times - 1)) / (net * wideAwake);
  const after = (state * times) / (1 + state * crowding);
  return sleeps > 0 && after < fastAsleep ? Math.min(state, fastAsleep) : after;
}
