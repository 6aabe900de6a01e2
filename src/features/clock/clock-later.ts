import { later } from '../shell/later';

/** The kitchen's clock in a chunk of its own: Today, the rack and its own page draw it. */
export const KitchenClock = later(async () => (await import('./kitchen-clock')).KitchenClock);
