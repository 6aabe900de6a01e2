import { z } from 'zod';
import { instant } from './scalars';
import { entriesOf, type Holds } from './holds';

/** A timer that runs, or has run down and rings. */
export const TimerRecord = z.strictObject({
  lotId: z.string().max(80),
  step: z.string().max(80),
  /** What it is for, as it was called when it was set. */
  label: z.string().max(200),
  from: instant,
  until: instant,
});
type TimerSetting = z.infer<typeof TimerRecord>;
export type KitchenTimer = Readonly<TimerSetting> & { readonly key: string };

export const example: TimerSetting = {
  lotId: '0mi81234500000ab1',
  step: 'simmer',
  label: 'Simmer',
  from: 1_800_000_000_000,
  until: 1_800_000_900_000,
};

export const timerKey = (lotId: string, step: string): string => `${lotId}:${step}`;

/** Every timer of the kitchen, the next to ring first. They are kept: a closed page loses none. */
export const timersOf = (household: Holds<'timer', TimerSetting>): KitchenTimer[] =>
  entriesOf(household, 'timer')
    .flatMap(([key, timer]) => (timer.until >= timer.from ? [{ key, ...timer }] : []))
    .sort((a, b) => a.until - b.until);

/** Time left, ms; 0 once it rings. */
export const leftOf = ({ until }: KitchenTimer, now: number): number => Math.max(0, until - now);
