import { leftOf, timerKey, type KitchenTimer } from '@/core/settings/timer';
import type { Act } from '@/core/journal/entry';

type Kept = Extract<Act, { kind: 'kept' }>;

/** A timer set: kept, so that a closed page loses none. */
export const timerSet = (
  timer: { readonly lotId: string; readonly step: string; readonly label: string },
  from: number,
  minutes: number,
): Kept => ({
  kind: 'kept',
  thing: 'timer',
  key: timerKey(timer.lotId, timer.step),
  value: { ...timer, from, until: Math.round(from + minutes * 60_000) },
});

export const timerGone = ({ key }: Pick<KitchenTimer, 'key'>): Kept => ({
  kind: 'kept',
  thing: 'timer',
  key,
  value: null,
});

/** Whether it has run down. */
export const rings = (timer: KitchenTimer, now: number): boolean => leftOf(timer, now) <= 0;
