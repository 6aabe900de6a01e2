import { later } from '@/ui/lazy/later';

/** The kitchen’s clock: Today, the rack and its own page draw it. */
export const KitchenClock = later(async () => (await import('./kitchen-clock')).KitchenClock);
export const ClockScreen = later(async () => (await import('./clock-screen')).ClockScreen);
