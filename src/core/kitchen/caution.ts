/**
 * How careful a maker wants to be with glass under pressure. Careful is what nobody chose: fewer than one bottle in 5,000 is then
 * let burst for its fizz (`forecast/advice/bottle-advice.ts`).
 */
export type Caution = 'careful' | 'usual';
export const cautionKey = 'caution';

interface Keeps {
  readonly kept: Readonly<Record<string, Readonly<Record<string, Readonly<Record<string, unknown>>>>>>;
}

/** What the household chose; careful when it did not. */
export const cautionOf = ({ kept }: Keeps): Caution =>
  kept.choice?.[cautionKey]?.is === 'usual' ? 'usual' : 'careful';
