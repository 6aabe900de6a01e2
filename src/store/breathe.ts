/** Lets the page draw and answer before long work goes on. */
export const breathe = (): Promise<void> =>
  new Promise((go) => {
    const { scheduler } = globalThis as { scheduler?: { yield?: () => Promise<void> } };
    if (scheduler?.yield) void scheduler.yield().then(go);
    else setTimeout(go, 0);
  });

/** Runs work when the page is idle, or after a while. */
export function whenIdle(work: () => void, withinMs = 2000): void {
  if (typeof requestIdleCallback === 'function') requestIdleCallback(work, { timeout: withinMs });
  else setTimeout(work, 200);
}
