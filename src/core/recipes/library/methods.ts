import type { Method } from '../../lots/records/method';

/** A simmered base, strained before it is pitched. */
export const simmered = (more: Partial<Method> = {}): Method => ({
  water: 'boiled',
  clean: 'no-rinse',
  heat: 'simmer',
  minutes: 12,
  steepHours: 2,
  cool: 'lidded',
  strain: 'fine',
  strained: 'before',
  closure: 'airlock',
  days: [2, 4],
  infusion: null,
  ...more,
});

/** Leaves and flowers in water off the boil. */
export const steeped = (more: Partial<Method> = {}): Method =>
  simmered({ heat: 'steep', minutes: 0, steepHours: 0.5, ...more });

/** Cold all the way, with its solids in through the first ferment. */
export const cold = (more: Partial<Method> = {}): Method =>
  simmered({
    water: 'stood',
    heat: 'none',
    minutes: 0,
    steepHours: 0,
    strain: 'coarse',
    strained: 'after',
    ...more,
  });
