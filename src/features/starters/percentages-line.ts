import type { StarterState } from '@/core/starter/starter-state';

/** What the amounts really made, for one line. */
export const percentagesLine = (starter: StarterState): string =>
  `Begun at ${starter.percent.ginger.toFixed(1)} % ginger and ${starter.percent.sugar.toFixed(1)} % sugar`;
